package neatcorner.saw;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import neatcorner.measure.Angle;

/** The readings of one saw, the oldest first. */
public record SawLog(List<SawReading> readings) {
    /** How a good saw in good hands still varies from cut to cut, by degrees: from memory. */
    public static final Angle USUAL_CHANCE = Angle.ofDegrees(0.03);
    private static final int FEWEST = 3;

    public SawLog {
        readings = List.copyOf(readings);
    }

    /** Of a saw that nobody has looked at. */
    public static SawLog empty() {
        return new SawLog(List.of());
    }

    /** With one more reading, the newest. */
    public SawLog plus(SawReading reading) {
        ArrayList<SawReading> all = new ArrayList<>(readings);
        all.add(reading);
        return new SawLog(all);
    }

    /** With the saw turned by what the last reading said. */
    public SawLog turned() {
        if (readings.isEmpty()) {
            return this;
        }
        ArrayList<SawReading> all = new ArrayList<>(readings);
        all.add(all.removeLast().afterTurning());
        return new SawLog(all);
    }

    private List<SawReading> swings() {
        return readings.stream().filter(reading -> !reading.tilt()).toList();
    }

    /** What every cut is likely off by now: the last reading, unless the saw has been turned since. */
    public Angle steady() {
        List<SawReading> swings = swings();
        return swings.isEmpty() || swings.getLast().turned() ? Angle.ZERO : swings.getLast().error();
    }

    /**
     * Standard deviation of the saw about what it should be: of readings that followed a turn or a closed corner, which
     * tell how well it comes back; with fewer than three readings, the usual.
     */
    public Angle chance() {
        double[] errors = swings().stream().skip(1).mapToDouble(reading -> reading.error().degrees()).toArray();
        if (errors.length < FEWEST) {
            return USUAL_CHANCE;
        }
        double mean = Arrays.stream(errors).average().orElse(0);
        double sum = Arrays.stream(errors).map(e -> (e - mean) * (e - mean)).sum();
        return Angle.ofDegrees(Math.max(0.01, Math.sqrt(sum / (errors.length - 1))));
    }

    /** How far the saw has wandered in all: the errors of all readings, with those that were turned away added up. */
    public Angle drift() {
        double turnedAway = 0;
        double drift = 0;
        for (SawReading reading : swings()) {
            drift = turnedAway + reading.error().degrees();
            if (reading.turned()) {
                turnedAway += reading.error().degrees();
            }
        }
        return Angle.ofDegrees(drift);
    }
}
