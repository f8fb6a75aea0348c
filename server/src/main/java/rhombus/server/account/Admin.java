package rhombus.server.account;

import java.io.BufferedReader;
import java.io.Console;
import java.io.IOException;
import java.io.InputStreamReader;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.Map;
import org.apache.ibatis.datasource.unpooled.UnpooledDataSource;
import org.apache.ibatis.mapping.Environment;
import org.apache.ibatis.session.Configuration;
import org.apache.ibatis.session.SqlSession;
import org.apache.ibatis.session.SqlSessionFactoryBuilder;
import org.apache.ibatis.transaction.jdbc.JdbcTransactionFactory;
import org.springframework.security.crypto.password.PasswordEncoder;
import rhombus.server.common.RequestRefused;

/** What an administrator does to accounts from the command line, beside the running application or without it. */
public final class Admin {
    private static final String USE =
            """
            bin/admin accounts            lists all accounts
            bin/admin password NAME       gives an account another password, which is asked for
            bin/admin remove NAME         removes an account with everything in it, for good""";

    private final AccountMapper mapper;
    private final PasswordEncoder passwords;

    Admin(AccountMapper mapper, PasswordEncoder passwords) {
        this.mapper = mapper;
        this.passwords = passwords;
    }

    /** Does what the words say on the database that the environment names; gives the number that the process ends with. */
    public static int run(List<String> words, Map<String, String> environment, PasswordEncoder passwords) {
        UnpooledDataSource source = new UnpooledDataSource(
                "org.mariadb.jdbc.Driver",
                environment.get("RHOMBUS_DB_URL"),
                environment.get("RHOMBUS_DB_USER"),
                environment.get("RHOMBUS_DB_PASSWORD"));
        Configuration c = new Configuration(new Environment("admin", new JdbcTransactionFactory(), source));
        c.setMapUnderscoreToCamelCase(true);
        c.setArgNameBasedConstructorAutoMapping(true);
        c.addMapper(AccountMapper.class);
        try (SqlSession s = new SqlSessionFactoryBuilder().build(c).openSession(false)) {
            String said = new Admin(s.getMapper(AccountMapper.class), passwords).does(words);
            s.commit(true);
            System.out.println(said);
            return 0;
        } catch (RequestRefused e) {
            System.err.println(e.getMessage());
            return 2;
        }
    }

    /**
     * Does what the words say.
     *
     * @return what is to be told of it
     * @throws RequestRefused with words on what to do instead
     */
    String does(List<String> words) {
        String what = words.isEmpty() ? "" : words.get(0);
        if (what.equals("accounts") && words.size() == 1) {
            return accounts();
        }
        if (words.size() == 2 && what.equals("password")) {
            return password(found(words.get(1)));
        }
        if (words.size() == 2 && what.equals("remove")) {
            return remove(found(words.get(1)));
        }
        throw refused(USE);
    }

    private String accounts() {
        StringBuilder out = new StringBuilder();
        for (AccountMapper.Line l : mapper.all()) {
            out.append(l.name())
                    .append(", ")
                    .append(l.scenes())
                    .append(l.scenes() == 1 ? " scene" : " scenes")
                    .append('\n');
        }
        return out.isEmpty()
                ? "There is no account yet; the first page asks for one."
                : out.toString().strip();
    }

    private Account found(String name) {
        Account a = mapper.find(name);
        if (a == null) {
            throw refused("There is no account called " + name + "; bin/admin accounts lists those there are.");
        }
        return a;
    }

    private String password(Account a) {
        String next = Accounts.password(read("The new password of " + a.name() + ": ", true));
        mapper.password(a.id(), passwords.encode(next));
        mapper.endSessions(a.name());
        return a.name() + " has the new password, and is signed out everywhere.";
    }

    private String remove(Account a) {
        String said = read("Everything of " + a.name() + " goes for good. Type the name once more: ", false);
        if (!a.name().equals(said)) {
            throw refused("That is another name; nothing was removed.");
        }
        mapper.remove(a.id());
        mapper.beginAnew();
        mapper.endSessions(a.name());
        return a.name() + " is removed.";
    }

    /** A line from the terminal, unseen where it is a secret, or of what is piped in. */
    private static String read(String question, boolean secret) {
        Console console = System.console();
        if (console != null) {
            char[] unseen = secret ? console.readPassword("%s", question) : null;
            String typed = secret ? unseen == null ? null : new String(unseen) : console.readLine("%s", question);
            return typed == null ? "" : typed;
        }
        try {
            String line = new BufferedReader(new InputStreamReader(System.in, StandardCharsets.UTF_8)).readLine();
            return line == null ? "" : line;
        } catch (IOException e) {
            throw refused("Nothing could be read.");
        }
    }

    private static RequestRefused refused(String words) {
        return new RequestRefused(org.springframework.http.HttpStatus.UNPROCESSABLE_CONTENT, words);
    }
}
