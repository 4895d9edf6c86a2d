package org.pelluna.core.plan;

import java.util.List;
import java.util.stream.Collectors;

/** A plan file was refused. */
public class PlanFileException extends Exception {
    private final transient List<Fault> faults;

    PlanFileException(List<Fault> faults) {
        super(faults.stream().map(Fault::toString).collect(Collectors.joining("\n")));
        this.faults = List.copyOf(faults);
    }

    PlanFileException(String path, String problem) {
        this(List.of(new Fault(path, problem)));
    }

    /** Every fault found, at least one. */
    public List<Fault> faults() {
        return faults;
    }
}
