package org.pelluna.core.tension;

import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.pelluna.core.id.FishId;
import org.pelluna.core.plan.Fish;
import org.pelluna.core.plan.ResolvedPlan;
import org.pelluna.core.pressure.Encounters;
import org.pelluna.core.pressure.Pressure;
import org.pelluna.core.statistics.Dominance;
import org.pelluna.core.statistics.Elo;
import org.pelluna.core.watch.LogEntry;

/**
 * Who rules among the fish that live here: by every encounter logged between two of them.
 *
 * @param ranked the fish, the highest first
 * @param linearity how linear the order is; empty for fewer than three fish
 * @param pairs encounters of each pair, observed and predicted, the most frequent first
 * @param courses rating at the end of each day with an encounter, in order of time, by fish
 * @param encounters encounters it rests on
 */
public record Ranks(
        List<Rank> ranked,
        Optional<Dominance.Linearity> linearity,
        List<Pair> pairs,
        Map<FishId, Map<LocalDate, Double>> courses,
        int encounters) {

    private static final int ROUNDS = 1000;

    /**
     * One fish's standing.
     *
     * @param fish the fish
     * @param davidsScore David's score, by shares corrected for chance
     * @param elo its rating after the last encounter
     * @param given encounters in which it was the aggressor
     * @param taken encounters it suffered
     */
    public record Rank(Fish fish, double davidsScore, double elo, int given, int taken) {}

    /**
     * What one fish does to another.
     *
     * @param observed encounters logged
     * @param predicted pressure predicted for today, encounters/h
     */
    public record Pair(Fish aggressor, Fish victim, int observed, double predicted) {}

    /** The ranks of a tank. */
    public static Ranks of(ResolvedPlan stock) {
        List<Fish> fish = stock.residents();
        Map<FishId, Integer> places = new HashMap<>();
        fish.forEach(one -> places.put(one.id(), places.size()));
        int[][] wins = new int[fish.size()][fish.size()];
        Elo<FishId> elo = new Elo<>();
        Map<FishId, Map<LocalDate, Double>> courses = new HashMap<>();
        int encounters = 0;
        List<LogEntry> inOrder = new ArrayList<>(stock.plan().log());
        inOrder.sort(Comparator.comparing(LogEntry::at));
        for (LogEntry entry : inOrder) {
            if (!entry.kind().hasAggressor()) {
                continue;
            }
            FishId winner = entry.aggressorId().orElseThrow();
            FishId loser = entry.fishId().orElseThrow();
            Integer row = places.get(winner);
            Integer column = places.get(loser);
            if (row != null && column != null) {
                wins[row][column]++;
                encounters++;
                elo.won(winner, loser);
                LocalDate day = entry.at().toLocalDate();
                courses.computeIfAbsent(winner, key -> new LinkedHashMap<>()).put(day, elo.rating(winner));
                courses.computeIfAbsent(loser, key -> new LinkedHashMap<>()).put(day, elo.rating(loser));
            }
        }
        Dominance dominance = new Dominance(wins);
        double[] scores = dominance.davidsScores(true);
        List<Rank> ranked = new ArrayList<>();
        for (int i = 0; i < fish.size(); i++) {
            int given = 0;
            int taken = 0;
            for (int j = 0; j < fish.size(); j++) {
                given += wins[i][j];
                taken += wins[j][i];
            }
            ranked.add(new Rank(fish.get(i), scores[i], elo.rating(fish.get(i).id()), given, taken));
        }
        ranked.sort(Comparator.comparingDouble(Rank::davidsScore)
                .reversed()
                .thenComparing(one -> one.fish().name()));
        return new Ranks(
                List.copyOf(ranked),
                fish.size() < 3 || encounters == 0
                        ? Optional.empty()
                        : Optional.of(dominance.linearity(ROUNDS, 20261124)),
                pairs(stock, wins),
                courses,
                encounters);
    }

    private static List<Pair> pairs(ResolvedPlan stock, int[][] wins) {
        List<Fish> fish = stock.residents();
        Map<String, Double> predicted = new HashMap<>();
        for (Pressure one : Encounters.of(stock).amongResidents()) {
            predicted.put(one.aggressorId() + " " + one.victimId(), one.perHour());
        }
        List<Pair> pairs = new ArrayList<>();
        for (int i = 0; i < fish.size(); i++) {
            for (int j = 0; j < fish.size(); j++) {
                if (i != j) {
                    pairs.add(new Pair(
                            fish.get(i),
                            fish.get(j),
                            wins[i][j],
                            predicted.getOrDefault(
                                    fish.get(i).id() + " " + fish.get(j).id(), 0.0)));
                }
            }
        }
        pairs.sort(Comparator.comparingInt(Pair::observed)
                .thenComparingDouble(Pair::predicted)
                .reversed());
        return pairs;
    }
}
