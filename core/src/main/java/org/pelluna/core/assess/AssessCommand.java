package org.pelluna.core.assess;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.MalformedInputException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import org.pelluna.core.json.Json;
import org.pelluna.core.plan.Fault;
import org.pelluna.core.plan.PlanFile;
import org.pelluna.core.plan.PlanFileException;
import org.pelluna.core.species.Catalogue;
import org.pelluna.core.species.CatalogueFiles;

/**
 * {@code ./pelluna assess FILE}: judges a plan file without server or database and prints the report as JSON. Exit code 0,
 * or 2 with the reason on standard error.
 */
public final class AssessCommand {
    private static final int REFUSED = 2;

    private AssessCommand() {}

    public static void main(String[] arguments) {
        PrintStream out = new PrintStream(System.out, false, StandardCharsets.UTF_8);
        PrintStream err = new PrintStream(System.err, true, StandardCharsets.UTF_8);
        int code = run(arguments, out, err);
        out.flush();
        System.exit(code);
    }

    /** The command without the process around it; returns the exit code. */
    static int run(String[] arguments, PrintStream out, PrintStream err) {
        if (arguments.length != 1) {
            err.println("usage: pelluna assess FILE");
            return REFUSED;
        }
        try {
            String text = Files.readString(Path.of(arguments[0]));
            Catalogue catalogue = CatalogueFiles.shipped();
            Assessment assessment = Assessment.of(PlanFile.read(text, catalogue), catalogue);
            out.println(Json.MAPPER.writeValueAsString(Report.of(assessment, catalogue)));
            return 0;
        } catch (PlanFileException e) {
            err.println("pelluna assess: " + arguments[0] + " was refused:");
            for (Fault fault : e.faults()) {
                err.println("  " + fault);
            }
        } catch (NoSuchFileException e) {
            err.println("pelluna assess: there is no file " + arguments[0]);
        } catch (MalformedInputException e) {
            err.println("pelluna assess: " + arguments[0] + " is not a text file in UTF-8");
        } catch (IOException | IllegalArgumentException e) {
            err.println("pelluna assess: cannot judge " + arguments[0] + ": " + e.getMessage());
        }
        return REFUSED;
    }
}
