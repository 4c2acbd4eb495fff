package neatcorner.glueup;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import neatcorner.corner.Craft;
import neatcorner.corner.Reinforcement;
import neatcorner.corner.ReinforcementKind;
import neatcorner.glueup.schedule.Chain;
import neatcorner.glueup.schedule.Resource;
import neatcorner.glueup.schedule.Task;

/**
 * The steps of one frame from the saw to the wall, as tasks that can be scheduled. Minutes are common practice for someone
 * who has done it before; waits are those of the glue and the finish. Equal frames are milled and sawn together, one setting
 * after the other, as the saw list has it: the first of them has these steps for all.
 */
public final class FrameChain {
    /** Longer work is done in parts, so that it fits between two breaks. */
    private static final int LONGEST = 120;
    private static final double SAW_SET_UP = 5;
    private static final double SAW_PIECE = 1.5;
    private static final double SAND_METRE = 2;
    private static final double FLUSH_CORNER = 1.5;
    private static final double COAT_BEGIN = 3;
    private static final double FIT_OUT = 12;
    /** Glue is rubbery from three quarters of the usual wait to half as much again: 15 to 30 minutes (common practice). */
    private static final double SOONEST = 0.75;
    private static final double LATEST = 1.5;
    /** Seconds from which on a wait is none to stand by for. */
    private static final int WAIT = 300;

    private FrameChain() {}

    /**
     * The chain of a frame.
     *
     * @param frames how many are prepared and sawn with it; 0 when it is sawn with another, for which tools were set
     * @param pieces of one frame
     * @param metres of stick in the frame
     * @param pack   how many layers lie in the rabbet
     * @param rings  what is put to the frame when it is glued
     * @param preparation what is done to the wood before the saw, of all these frames
     */
    public static Chain of(String frame, int frames, int pieces, double metres, int pack,
            Preparation preparation, List<Reinforcement> reinforcements, List<Attached> rings, GluePlan plan,
            GlueUp chosen) {
        List<Task> sawn = split(frames == 0 ? List.of() : sawn(frames, pieces, preparation, chosen));
        List<Task> tasks = new ArrayList<>();
        int corners = plan.order().size();
        boolean again = frames == 0;
        for (Reinforcement each : reinforcements) {
            if (!each.kind().isAfterGlue()) {
                tasks.add(
                        Task.of(GlueTexts.CUT_FOR_PARTS.formatted(each.kind().title()), work(each, corners, again), 0));
            }
        }
        tasks.add(Task.of(GlueTexts.SAND_THE_FACES, SAND_METRE * metres, 0));
        glue(tasks, plan, chosen);
        for (Reinforcement each : reinforcements) {
            if (each.kind().isAfterGlue()) {
                after(tasks, each, corners, again, chosen);
            }
        }
        attach(tasks, rings, Attached.Way.LOOSE, chosen);
        attach(tasks, rings, Attached.Way.IN, chosen);
        if (preparation.rabbet() > 0) {
            tasks.add(Task.of(GlueTexts.ROUT_THE_RABBET_SQUARE, preparation.rabbet(), 0));
        }
        tasks.add(Task.of(GlueTexts.LEVEL_AND_SAND_THE_CORNERS, FLUSH_CORNER * corners, 0));
        attach(tasks, rings, Attached.Way.ROUND, chosen);
        finish(tasks, metres, chosen.finish());
        tasks.add(Task.of(GlueTexts.FIT_OUT_AND_HANG, FIT_OUT + 2.0 * pack, 0).freeing(
                chosen.finish().coats().isEmpty() ? Map.of() : Map.of(Resource.DRYING, 1)));
        List<Task> all = new ArrayList<>(sawn);
        all.addAll(split(tasks));
        return new Chain(frame, all).withForAll(frames > 1 ? sawn.size() : 0);
    }

    private static void attach(List<Task> tasks, List<Attached> rings, Attached.Way way, GlueUp chosen) {
        for (Attached ring : rings) {
            if (ring.way() == way) {
                tasks.add(Task.of(ring.task(), ring.minutes(), chosen.glue().clampAt(chosen.temperature())));
            }
        }
    }

    private static List<Task> sawn(int frames, int pieces, Preparation preparation, GlueUp chosen) {
        List<Task> tasks = new ArrayList<>();
        boolean one = frames == 1;
        if (preparation.boards() > 0) {
            tasks.add(Task.of(GlueTexts.PREPARE_THE_BOARDS, preparation.boards(), 0));
        }
        if (preparation.gluedUp() > 0) {
            tasks.add(
                    Task.of((one ? GlueTexts.GLUE_UP_THE_SECTION : GlueTexts.GLUE_UP_SECTION_OF_ALL).formatted(frames),
                            preparation.gluedUp(),
                            chosen.glue().clampAt(chosen.temperature())));
        }
        if (preparation.milling() > 0) {
            tasks.add(Task.of((one ? GlueTexts.MILL_THE_SECTION : GlueTexts.MILL_SECTION_OF_ALL).formatted(frames),
                    preparation.milling(), 0));
        }
        tasks.add(Task.of((one ? GlueTexts.SAW_THE_PIECES : GlueTexts.SAW_PIECES_OF_ALL).formatted(frames),
                SAW_SET_UP + SAW_PIECE * pieces * frames, 0));
        return tasks;
    }

    private static double work(Reinforcement each, int corners, boolean again) {
        Craft craft = Craft.of(each.kind());
        return (again ? 0 : craft.setUp()) + craft.perCorner() * corners;
    }

    /** Hands-on steps in a run are one task; a wait ends it. Where glue is lifted after it, that cannot wait for long. */
    private static void glue(List<Task> tasks, GluePlan plan, GlueUp chosen) {
        Map<Resource, Integer> held = held(plan);
        double hands = 0;
        double early = 0;
        boolean lifting = false;
        List<Task> run = new ArrayList<>();
        int round = 0;
        for (int i = 0; i < plan.steps().size(); i++) {
            GlueStep step = plan.steps().get(i);
            hands += step.seconds() / 60.0;
            boolean lift = step.kind() == GlueStep.Kind.SET && step.rest() <= GluePlan.RUBBERY;
            if (isWaitedOn(step) || step.kind() == GlueStep.Kind.UNCLAMP) {
                String name = step.kind() == GlueStep.Kind.UNCLAMP
                        ? GlueTexts.OUT_OF_THE_CLAMPS
                        : lifting ? GlueTexts.LIFT_WHAT_CAME_OUT : gluing(plan, round++);
                double minutes = step.rest() / 60.0;
                double soonest = lift && isWaitedOn(plan.steps().get(i + 1)) ? SOONEST : 1;
                run.add(lift
                        ? Task.of(name, hands, minutes * soonest).within((int) Math.round(minutes * LATEST))
                        : Task.of(name, hands, lifting ? minutes + early : minutes));
                early = minutes * (1 - soonest);
                lifting = lift;
                hands = 0;
            } else {
                hands += step.rest() / 60.0;
            }
        }
        if (hands > 0) {
            run.add(Task.of(lifting ? GlueTexts.LIFT_WHAT_CAME_OUT : gluing(plan, round), hands, 0));
        }
        int last = run.size() - 1;
        int handling = chosen.glue().handling();
        if (last == 0) {
            Task only = run.getFirst();
            tasks.add(Task.of(only.name(), only.hands(), handling));
            return;
        }
        for (int i = 0; i <= last; i++) {
            Task task = run.get(i);
            task = i == last ? Task.of(task.name(), task.hands(), handling) : task;
            task = i == 0 ? task.taking(held) : task;
            tasks.add(i == last ? task.freeing(held) : task);
        }
    }

    /** Whether a wait of its own follows a step, which makes up for what was begun early. */
    private static boolean isWaitedOn(GlueStep step) {
        return step.rest() >= WAIT;
    }

    private static String gluing(GluePlan plan, int round) {
        return switch (plan.school()) {
            case ALL_AT_ONCE -> GlueTexts.DRY_FIT_AND_GLUE;
            case TWO_HALVES -> round == 0 ? GlueTexts.GLUE_THE_TWO_HALVES : GlueTexts.JOIN_THE_HALVES;
            case CORNER_BY_CORNER -> round == 0 ? GlueTexts.GLUE_CORNER_BY_CORNER : GlueTexts.GLUE_THE_NEXT_CORNER;
        };
    }

    private static Map<Resource, Integer> held(GluePlan plan) {
        Map<Resource, Integer> held = new EnumMap<>(Resource.class);
        switch (plan.holding()) {
            case BAND -> {
                boolean reach = plan.bands() == 0 || plan.there() >= plan.clamps();
                held.put(Resource.BAND, plan.clamps() + (reach ? 0 : plan.bands()));
                if (plan.there() < plan.bands()) {
                    held.put(Resource.LONG_BAND, plan.clamps());
                }
            }
            case JIG -> held.put(Resource.JIG, 1);
            case CORNER_CLAMPS -> held.put(Resource.CORNER_CLAMP, plan.clamps());
            case PINS -> {
            }
        }
        held.put(Resource.BENCH, 1);
        return held;
    }

    private static void after(List<Task> tasks, Reinforcement each, int corners, boolean again, GlueUp chosen) {
        String name = each.kind().title();
        if (each.kind().isGlued()) {
            boolean slots = each.kind().reach() == ReinforcementKind.Reach.FROM_HEEL;
            tasks.add(
                    Task.of(slots
                            ? GlueTexts.CUT_SLOTS_GLUE_PARTS.formatted(name)
                            : GlueTexts.FIT_AND_GLUE_PARTS.formatted(name),
                            work(each, corners, again), chosen.glue().clampAt(chosen.temperature())));
            tasks.add(Task.of(GlueTexts.FLUSH_PARTS.formatted(name), FLUSH_CORNER * corners, 0));
        } else {
            tasks.add(Task.of(GlueTexts.DRIVE_PARTS.formatted(name), work(each, corners, again), 0));
        }
    }

    private static void finish(List<Task> tasks, double metres, Recipe recipe) {
        if (!recipe.coats().isEmpty()) {
            tasks.add(Task.of(GlueTexts.LAST_GRIT_BREAK_THE_EDGES, 2 + metres, 0));
        }
        for (int i = 0; i < recipe.coats().size(); i++) {
            Recipe.Coat coat = recipe.coats().get(i);
            Task task = Task.of(coat.what(), COAT_BEGIN + coat.perMetre() * metres, coat.rest());
            tasks.add(i == 0 ? task.taking(Map.of(Resource.DRYING, 1)) : task);
        }
    }

    /** Long work in equal parts; what it takes goes with the first, its wait and what it frees with the last. */
    private static List<Task> split(List<Task> tasks) {
        List<Task> all = new ArrayList<>();
        for (Task task : tasks) {
            int parts = Math.ceilDiv(task.hands(), LONGEST);
            if (parts <= 1) {
                all.add(task);
                continue;
            }
            for (int i = 0; i < parts; i++) {
                boolean last = i == parts - 1;
                int hands = (int) ((long) task.hands() * (i + 1) / parts - (long) task.hands() * i / parts);
                all.add(new Task(GlueTexts.PART_OF_A_TASK.formatted(task.name(), i + 1), hands, last ? task.rest() : 0,
                        last ? task.most() : Task.NO_HURRY,
                        i == 0 ? task.takes() : Map.of(), last ? task.frees() : Map.of()));
            }
        }
        return all;
    }
}
