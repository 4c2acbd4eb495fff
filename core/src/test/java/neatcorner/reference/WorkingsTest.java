package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;
import static org.junit.jupiter.api.Assertions.assertTrue;

import java.util.List;
import java.util.OptionalDouble;
import java.util.Random;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import neatcorner.job.Job;
import neatcorner.measure.Angle;
import neatcorner.measure.Fine;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.measure.Money;
import neatcorner.measure.Physical;
import neatcorner.measure.Quantity;
import neatcorner.measure.Reading;
import neatcorner.measure.Scalar;
import neatcorner.plan.Plan;
import neatcorner.plan.Slate;
import neatcorner.plan.Station;
import neatcorner.planner.Chapters;
import neatcorner.planner.Planner;
import org.junit.jupiter.api.Test;

/** Every figure on every slate whose working is a sum is worked out from that sum, as a maker with a calculator would. */
class WorkingsTest {
    private static final Pattern TOKEN = Pattern
            .compile("\\s*(?:(\\d+(?:\\.\\d+)?)|\\{(\\d)}|(cos|sin|tan)(?= )|([-−+×÷()]))");
    /** Lengths are whole units of 1/3200 mm, and a sum may add several that were rounded. */
    private static final double ROUNDING = 0.003;
    private int followed;

    @Test
    void theWorkingComesToTheFigure() {
        Cases.of("workings", random -> {
            Plan plan = Planner.plan(job(random));
            for (Station station : Station.values()) {
                for (Slate.Row row : Chapters.at(station).slate(plan).rows()) {
                    row.readings().forEach(reading -> check(station + ", " + row.name(), reading));
                }
            }
        });
        assertTrue(followed > 0, "no sum could be followed");
    }

    private static Job job(Random random) {
        Job job = AnyJob.stocked(switch (random.nextInt(4)) {
            case 0 -> AnyJob.sloped(random);
            case 1 -> AnyJob.joined(random);
            default -> AnyJob.flat(random);
        }, random);
        boolean level = job.outline().isSloped() && random.nextBoolean();
        return level
                ? job.withSection(job.section().withRabbet(job.section().rabbet().withTilt(job.outline().slope())))
                : job;
    }

    private void check(String where, Reading reading) {
        reading.from().forEach(part -> check(where, part));
        if (reading.isGiven() || !(reading.value() instanceof Length || reading.value() instanceof Angle)) {
            return;
        }
        Sum sum = new Sum(reading.formula(), reading.from());
        OptionalDouble value = sum.value();
        if (value.isPresent()) {
            followed++;
            assertEquals(value.getAsDouble(), number(reading.value()), ROUNDING, where + ": " + reading);
        }
    }

    private static double number(Quantity quantity) {
        return switch (quantity) {
            case Length length -> length.units() / 3200.0;
            case Angle angle -> angle.degrees();
            case Scalar scalar -> scalar.value();
            case Mass mass -> mass.kilograms();
            case Money money -> Double.NaN;
            case Fine fine -> Double.NaN;
            case Physical amount -> Double.NaN;
        };
    }

    /** A formula read from left to right: times and divided by before plus and minus. What is told in words has no value. */
    private static final class Sum {
        private final String formula;
        private final List<Reading> from;
        private final Matcher matcher;
        private int at;
        private boolean words;

        Sum(String formula, List<Reading> from) {
            int comma = formula.indexOf(", ");
            this.formula = comma < 0 ? formula : formula.substring(0, comma);
            this.from = from;
            this.matcher = TOKEN.matcher(this.formula);
        }

        OptionalDouble value() {
            double value = terms();
            return words || at < formula.length() || Double.isNaN(value)
                    ? OptionalDouble.empty()
                    : OptionalDouble
                            .of(value);
        }

        private boolean next(String... signs) {
            if (!matcher.find(at) || matcher.start() != at || matcher.group(4) == null
                    || !List.of(signs).contains(matcher.group(4))) {
                return false;
            }
            at = matcher.end();
            return true;
        }

        private double terms() {
            double sum = factors();
            while (!words) {
                if (next("+")) {
                    sum += factors();
                } else if (next("−", "-")) {
                    sum -= factors();
                } else {
                    break;
                }
            }
            return sum;
        }

        private double factors() {
            double product = factor();
            while (!words) {
                if (next("×")) {
                    product *= factor();
                } else if (next("÷")) {
                    product /= factor();
                } else {
                    break;
                }
            }
            return product;
        }

        private double factor() {
            if (next("(")) {
                double inner = terms();
                words |= !next(")");
                return inner;
            }
            if (!matcher.find(at) || matcher.start() != at || matcher.group(4) != null) {
                words = true;
                return 0;
            }
            at = matcher.end();
            String function = matcher.group(3);
            if (function != null) {
                double angle = Math.toRadians(factor());
                return switch (function) {
                    case "cos" -> Math.cos(angle);
                    case "sin" -> Math.sin(angle);
                    default -> Math.tan(angle);
                };
            }
            return matcher.group(1) != null
                    ? Double.parseDouble(matcher.group(1))
                    : number(from.get(Integer.parseInt(matcher.group(2))).value());
        }
    }
}
