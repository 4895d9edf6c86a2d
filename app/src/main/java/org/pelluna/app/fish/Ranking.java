package org.pelluna.app.fish;

import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.pelluna.app.web.FormKey;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.plan.TankPlan;
import org.pelluna.core.watch.LogEntry;
import org.springframework.validation.BindingResult;

/** Who bosses whom, as a keeper says it when fish are entered: kept as a note on each boss, for nobody has watched it here. */
final class Ranking {
    private static final Pattern SAID = Pattern.compile("(.+?)\\s+(?:over|bosses|>)\\s+(.+)", Pattern.CASE_INSENSITIVE);

    private Ranking() {}

    static List<LogEntry> said(
            @Nullable String text, TankPlan plan, List<Resident> entered, LocalDateTime now, BindingResult faults) {
        List<LogEntry> notes = new ArrayList<>();
        for (String one : text == null ? new String[0] : text.split("[;\\n]")) {
            Matcher said = SAID.matcher(one.strip());
            if (one.isBlank()) {
                continue;
            }
            Optional<Resident> boss = said.matches() ? called(said.group(1), plan, entered) : Optional.empty();
            Optional<Resident> other = said.matches() ? called(said.group(2), plan, entered) : Optional.empty();
            if (boss.isEmpty() || other.isEmpty() || boss.equals(other)) {
                faults.rejectValue(
                        "ranks",
                        "ranks",
                        "“" + one.strip() + "” is not understood: write two fish by their names, as in “Ben over Cy”.");
                continue;
            }
            notes.add(new LogEntry(
                    FormKey.fresh(),
                    now,
                    LogEntry.Kind.NOTE,
                    Optional.empty(),
                    Optional.of(boss.get().id()),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.empty(),
                    Optional.of("bosses " + other.get().name() + ", as said when they were entered")));
        }
        return notes;
    }

    private static Optional<Resident> called(String name, TankPlan plan, List<Resident> entered) {
        String plain = name.strip().toLowerCase(Locale.ROOT);
        return Stream.concat(entered.stream(), plan.residents().stream().filter(one -> one.belongsHere(plan.asOf())))
                .filter(one -> one.name().toLowerCase(Locale.ROOT).equals(plain))
                .findFirst();
    }
}
