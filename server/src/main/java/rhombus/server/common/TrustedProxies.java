package rhombus.server.common;

import java.util.Arrays;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import org.apache.catalina.valves.RemoteIpValve;
import org.springframework.beans.factory.annotation.Value;
import org.springframework.boot.tomcat.servlet.TomcatServletWebServerFactory;
import org.springframework.boot.web.server.WebServerFactoryCustomizer;
import org.springframework.stereotype.Component;

/** Behind a named proxy the address and the scheme of whoever asks are those it tells; nobody else is believed. */
@Component
class TrustedProxies implements WebServerFactoryCustomizer<TomcatServletWebServerFactory> {
    private final String proxies;

    TrustedProxies(@Value("${rhombus.trusted-proxies}") String proxies) {
        this.proxies = proxies;
    }

    @Override
    public void customize(TomcatServletWebServerFactory factory) {
        if (proxies.isBlank()) {
            return;
        }
        RemoteIpValve valve = new RemoteIpValve();
        valve.setInternalProxies(Arrays.stream(proxies.split(","))
                .map(String::strip)
                .filter(s -> !s.isEmpty())
                .map(Pattern::quote)
                .collect(Collectors.joining("|")));
        valve.setRemoteIpHeader("X-Forwarded-For");
        valve.setProtocolHeader("X-Forwarded-Proto");
        factory.addEngineValves(valve);
    }
}
