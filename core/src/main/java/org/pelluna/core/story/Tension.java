package org.pelluna.core.story;

import java.time.LocalDate;
import java.util.OptionalDouble;

/**
 * The tension of some days, of the whole tank.
 *
 * @param from the first day
 * @param to the last day
 * @param predicted hostile encounters an hour predicted in the middle of them, among those who were there
 * @param seen encounters seen an hour in declared watches; empty where none was watched
 */
public record Tension(LocalDate from, LocalDate to, double predicted, OptionalDouble seen) {}
