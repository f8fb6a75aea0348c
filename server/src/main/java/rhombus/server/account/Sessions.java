package rhombus.server.account;

import jakarta.servlet.http.HttpServletRequest;
import java.nio.charset.StandardCharsets;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.Comparator;
import java.util.HexFormat;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.springframework.session.FindByIndexNameSessionRepository;
import org.springframework.session.Session;
import org.springframework.stereotype.Service;

/** Where somebody is signed in, and ending that. */
@Service
class Sessions {
    private static final String MACHINE = "rhombus.machine";
    private static final String ADDRESS = "rhombus.address";
    /** What a browser tells of the machine it runs on stands in the first brackets. */
    private static final Pattern BRACKETS = Pattern.compile("\\(([^)]{1,120})\\)");

    private final FindByIndexNameSessionRepository<? extends Session> sessions;

    Sessions(FindByIndexNameSessionRepository<? extends Session> sessions) {
        this.sessions = sessions;
    }

    /**
     * A place where somebody is signed in.
     *
     * @param id names it; it opens nothing
     * @param machine what the browser told of it
     * @param address from which it signed in
     * @param since when it signed in
     * @param seen when it asked for something last
     * @param here whether it is the one that asks
     */
    record Place(String id, String machine, String address, Instant since, Instant seen, boolean here) {}

    /** Keeps from where somebody signs in. */
    static void note(HttpServletRequest request) {
        String agent = request.getHeader("User-Agent");
        Matcher m = BRACKETS.matcher(agent == null ? "" : agent);
        request.getSession().setAttribute(MACHINE, m.find() ? m.group(1) : "unknown machine");
        request.getSession().setAttribute(ADDRESS, request.getRemoteAddr());
    }

    /** All of them, the last used first. */
    List<Place> of(String name, String current) {
        return sessions.findByPrincipalName(name).values().stream()
                .map(s -> new Place(
                        named(s.getId()),
                        text(s, MACHINE),
                        text(s, ADDRESS),
                        s.getCreationTime(),
                        s.getLastAccessedTime(),
                        s.getId().equals(current)))
                .sorted(Comparator.comparing(Place::seen).reversed())
                .toList();
    }

    private static String text(Session s, String key) {
        Object value = s.getAttribute(key);
        return value instanceof String t ? t : "";
    }

    /** Ends one by its name; false where there is none. */
    boolean end(String name, String id) {
        for (String s : sessions.findByPrincipalName(name).keySet()) {
            if (named(s).equals(id)) {
                sessions.deleteById(s);
                return true;
            }
        }
        return false;
    }

    /** Ends all but one; null ends all. */
    void endOthers(String name, String current) {
        for (Map.Entry<String, ? extends Session> s :
                sessions.findByPrincipalName(name).entrySet()) {
            if (!s.getKey().equals(current)) {
                sessions.deleteById(s.getKey());
            }
        }
    }

    /** What opens a session must not be told; its digest opens nothing. */
    private static String named(String session) {
        try {
            byte[] d = MessageDigest.getInstance("SHA-256").digest(session.getBytes(StandardCharsets.UTF_8));
            return HexFormat.of().formatHex(d, 0, 12);
        } catch (NoSuchAlgorithmException e) {
            throw new IllegalStateException(e);
        }
    }
}
