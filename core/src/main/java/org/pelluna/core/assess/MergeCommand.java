package org.pelluna.core.assess;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.pelluna.core.finding.Provenance;
import org.pelluna.core.plan.Correction;
import org.pelluna.core.plan.CorrectionFile;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.CatalogueFiles;
import org.pelluna.core.species.Sourced;
import org.pelluna.core.units.Numbers;

/**
 * {@code ./pelluna merge FILE [PROVENANCE]}: a maintainer takes a keeper's figures into the data files. Every figure is checked and
 * printed beside the catalogue's; if one cannot be, nothing is written. Exit code 0, or 2 with the reason on standard error.
 */
public final class MergeCommand {
    private static final int REFUSED = 2;

    private MergeCommand() {}

    public static void main(String[] arguments) {
        PrintStream out = new PrintStream(System.out, true, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        System.exit(run(arguments, out, err));
    }

    /** The command without the process around it: the folder of data files, the file, and how its figures are known. */
    static int run(String[] arguments, PrintStream out, PrintStream err) {
        if (arguments.length < 2 || arguments.length > 3) {
            err.println(
                    "usage: pelluna merge FILE [PROVENANCE], for example: pelluna merge figures.json 'published: …'");
            return REFUSED;
        }
        try {
            Provenance from = Provenance.parse(arguments.length == 3 ? arguments[2] : "practice");
            List<Correction> figures = CorrectionFile.read(Files.readString(Path.of(arguments[1])));
            Catalogue catalogue = CatalogueFiles.shipped();
            List<String> faults = Correction.faults(figures, catalogue);
            if (!faults.isEmpty()) {
                err.println("pelluna merge: nothing was written:");
                faults.forEach(fault -> err.println("  " + fault));
                return REFUSED;
            }
            for (Correction one : figures) {
                Sourced had = one.figure().of(catalogue.get(one.speciesId()));
                out.println(one.speciesId() + ", " + one.figure().words() + ": " + Numbers.plain(had.value(), 4) + " ("
                        + had.from().words() + ") becomes " + Numbers.plain(one.value(), 4) + " (" + from.words()
                        + "); "
                        + one.note());
                write(Path.of(arguments[0]), one, from);
            }
            return 0;
        } catch (IOException | IllegalArgumentException e) {
            err.println("pelluna merge: " + e.getMessage());
            return REFUSED;
        }
    }

    /** Changes the one figure in the text of its file, so that nothing else of the file moves. */
    private static void write(Path folder, Correction one, Provenance from) throws IOException {
        String start = "\"id\": \"" + one.speciesId() + "\"";
        Pattern figure = Pattern.compile("\"" + one.figure().field() + "\": \\{[^}]*}");
        try (Stream<Path> files = Files.list(folder)) {
            for (Path file :
                    files.filter(path -> path.toString().endsWith(".json")).toList()) {
                String text = Files.readString(file);
                int at = text.indexOf(start);
                Matcher found = figure.matcher(text);
                if (at >= 0 && found.find(at)) {
                    String now = String.format(
                            Locale.ROOT,
                            "\"%s\": {\"value\": %s, \"from\": \"%s\"}",
                            one.figure().field(),
                            Numbers.plain(one.value(), 4),
                            from.written());
                    Files.writeString(file, text.substring(0, found.start()) + now + text.substring(found.end()));
                    return;
                }
            }
        }
        throw new IOException("no data file in " + folder + " holds " + one.speciesId());
    }
}
