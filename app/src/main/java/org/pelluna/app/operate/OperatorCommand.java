package org.pelluna.app.operate;

import java.util.List;
import org.pelluna.app.account.AccountMaintenance;
import org.springframework.boot.ApplicationArguments;
import org.springframework.boot.ApplicationRunner;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.condition.ConditionalOnProperty;
import org.springframework.context.ConfigurableApplicationContext;
import org.springframework.stereotype.Component;

/** {@code ./pelluna keepers …}: who there is, and what an operator may do to an account. Answers on standard output, and ends. */
@Component
@ConditionalOnProperty("pelluna.operate")
class OperatorCommand implements ApplicationRunner {
    private static final String HOW = """
            list | lock NAME | unlock NAME | reset NAME | delete NAME | sign-up open | sign-up closed""";

    private final AccountMaintenance accounts;
    private final ConfigurableApplicationContext application;

    OperatorCommand(AccountMaintenance accounts, ConfigurableApplicationContext application) {
        this.accounts = accounts;
        this.application = application;
    }

    @Override
    public void run(ApplicationArguments arguments) {
        int code = 0;
        try {
            System.out.println(done(arguments.getNonOptionArgs()));
        } catch (IllegalArgumentException e) {
            System.err.println("pelluna: " + e.getMessage());
            code = 2;
        }
        int ended = code;
        System.exit(SpringApplication.exit(application, () -> ended));
    }

    /** Does what a line says. */
    String done(List<String> line) {
        String what = line.isEmpty() ? "" : line.get(0);
        if (line.size() == 1 && what.equals("list")) {
            return list();
        }
        if (line.size() != 2) {
            throw new IllegalArgumentException("not understood; say one of: " + HOW);
        }
        String name = line.get(1);
        switch (what) {
            case "lock", "unlock" -> accounts.lock(name, what.equals("lock"));
            case "reset" -> {
                return "Within half an hour, hand this over: " + accounts.reset(name);
            }
            case "delete" -> accounts.delete(name);
            case "sign-up" -> {
                if (!List.of("open", "closed").contains(name)) {
                    throw new IllegalArgumentException("sign-up is open or closed, not " + name);
                }
                accounts.openSignUp(name.equals("open"));
            }
            default -> throw new IllegalArgumentException("not understood; say one of: " + HOW);
        }
        return "Done.";
    }

    private String list() {
        StringBuilder text = new StringBuilder();
        accounts.all()
                .forEach(one -> text.append(one.username())
                        .append("\tsince ")
                        .append(one.since())
                        .append(one.locked() ? "\tlocked" : "")
                        .append(one.closing().map(when -> "\tcloses " + when).orElse(""))
                        .append('\n'));
        return text + "" + accounts.all().size() + " keepers";
    }
}
