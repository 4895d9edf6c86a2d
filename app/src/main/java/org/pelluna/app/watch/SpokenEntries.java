package org.pelluna.app.watch;

import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.pelluna.app.web.RefusedException;
import org.pelluna.core.id.FishId;
import org.pelluna.core.watch.LogEntry;
import org.pelluna.core.words.Understood;

/** The entries of the log that a line of words says; none where it says something else. */
final class SpokenEntries {
    /** As many encounters as one line may say. */
    static final int MOST = 200;

    private SpokenEntries() {}

    static List<LogEntry> of(String form, Understood line) {
        Understood.What what = line.what().orElseThrow();
        if (what instanceof Understood.Encounter one) {
            if (one.count() > MOST) {
                throw new RefusedException("at most " + MOST + " attacks in one line");
            }
            return IntStream.range(0, one.count())
                    .mapToObj(part -> new LogEntry(
                            SpokenKey.of(form, part),
                            line.at(),
                            one.kind(),
                            Optional.of(one.by()),
                            Optional.of(one.to()),
                            one.hardness(),
                            one.place(),
                            Optional.empty(),
                            Optional.empty()))
                    .toList();
        }
        if (what instanceof Understood.Injury one) {
            return List.of(single(form, line, LogEntry.Kind.INJURY, Optional.of(one.fish()), Optional.empty()));
        }
        return what instanceof Understood.Note one
                ? List.of(single(form, line, LogEntry.Kind.NOTE, Optional.empty(), Optional.of(one.words())))
                : List.of();
    }

    private static LogEntry single(
            String form, Understood line, LogEntry.Kind kind, Optional<FishId> fish, Optional<String> note) {
        return new LogEntry(
                SpokenKey.of(form, 0),
                line.at(),
                kind,
                Optional.empty(),
                fish,
                Optional.empty(),
                Optional.empty(),
                Optional.empty(),
                note);
    }
}
