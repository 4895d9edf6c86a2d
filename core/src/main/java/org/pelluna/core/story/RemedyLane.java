package org.pelluna.core.story;

import java.time.LocalDate;
import java.util.Optional;
import org.pelluna.core.id.FishId;

/** A remedy in the story: what, for whom, from when, and until when if it is over. */
public record RemedyLane(String words, Optional<FishId> fish, LocalDate from, Optional<LocalDate> until) {}
