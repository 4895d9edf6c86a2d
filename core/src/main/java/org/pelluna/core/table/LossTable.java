package org.pelluna.core.table;

import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.pelluna.core.id.FishId;
import org.pelluna.core.losses.Loss;
import org.pelluna.core.plan.Resident;
import org.pelluna.core.species.Catalogue;

/** Losses: a row for each; the fish stand by their name. */
public final class LossTable implements TableForm<Loss> {
    private static final List<Column> COLUMNS = List.of(
            Column.needed("fish", "which fish", "name"),
            Column.needed("on", "day", "date", "day", "lost_on"),
            Column.needed("cause", "why, as far as known", "reason"),
            Column.optional("certainty", "how sure", "sure"),
            Column.optional("price", "what it had cost", "cost"),
            Column.optional("note", "in your words", "notes", "remark", "comment"),
            Column.optional("id", "key"));

    private final FishNames fish;

    public LossTable(Collection<Resident> residents, Catalogue catalogue) {
        this.fish = new FishNames(residents, catalogue);
    }

    @Override
    public List<Column> columns() {
        return COLUMNS;
    }

    @Override
    public List<Loss> read(Row row) {
        FishId lost = fish.key(row.needed("fish"));
        var on = row.day("on");
        Loss.Cause cause = row.choice("cause", Loss.Cause.class, Loss.Cause::words);
        return List.of(new Loss(
                row.text("id").orElseGet(() -> Keys.of("loss", lost, on, cause)),
                lost,
                on,
                cause,
                row.text("certainty").isPresent()
                        ? row.choice("certainty", Loss.Certainty.class, Loss.Certainty::words)
                        : Loss.Certainty.GUESS,
                row.number("price"),
                row.text("note")));
    }

    @Override
    public Map<String, String> write(Loss loss) {
        Map<String, String> cells = new LinkedHashMap<>();
        cells.put("id", loss.id());
        cells.put("fish", fish.name(loss.fishId()));
        cells.put("on", loss.on().toString());
        cells.put("cause", loss.cause().name().toLowerCase(Locale.ROOT));
        cells.put("certainty", loss.certainty().name().toLowerCase(Locale.ROOT));
        loss.price().ifPresent(price -> cells.put("price", price.toString()));
        loss.note().ifPresent(note -> cells.put("note", note));
        return cells;
    }

    /** A fish is lost once. */
    @Override
    public Object content(Loss loss) {
        return loss.fishId();
    }
}
