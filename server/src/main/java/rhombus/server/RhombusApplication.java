package rhombus.server;

import java.util.List;
import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.security.crypto.bcrypt.BCryptPasswordEncoder;
import rhombus.server.account.Admin;
import rhombus.server.common.SecurityRules;

/** The server. */
@SpringBootApplication
@MapperScan(basePackages = "rhombus.server", annotationClass = Mapper.class)
public class RhombusApplication {
    /** Starts the server, or with {@code admin} before them does what the other words say to accounts. */
    public static void main(String[] args) {
        if (args.length > 0 && args[0].equals("admin")) {
            List<String> words = List.of(args).subList(1, args.length);
            var passwords = new BCryptPasswordEncoder(SecurityRules.PASSWORD_STRENGTH);
            System.exit(Admin.run(words, System.getenv(), passwords));
        }
        SpringApplication.run(RhombusApplication.class, args);
    }
}
