package neatcorner.job;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.ArrayList;
import java.util.List;
import neatcorner.glueup.Recipe;
import org.jspecify.annotations.Nullable;

/**
 * How it will all look: colours that nothing is cut to, and other designs to choose between.
 *
 * @param photo  of the art: the name of a file beside the job's; null where there is none
 * @param wall   on which it is seen
 * @param stain  of the finish, where it has a colour
 * @param mat    of the mat board
 * @param core   of the mat where its window is cut
 * @param others designs to be seen beside the job's own, at most {@link #MOST_OTHERS}
 */
@RecordBuilder
public record Looks(@Nullable String photo, Shade wall, Shade stain, Shade mat, Shade core,
        List<Design> others) implements LooksBuilder.With {
    /** More than four side by side are not compared any more. */
    public static final int MOST_OTHERS = 3;
    /** A warm white wall, a mat a little whiter, a brown stain. */
    public static final Looks USUAL = new Looks(null, new Shade(0xd9d6cf), new Shade(0x4a2f1d), new Shade(0xf3f1ea),
            new Shade(0xffffff), List.of());

    public Looks {
        others = List.copyOf(others);
    }

    /** All designs of a job, its own first. */
    public static List<Design> designs(Job job) {
        List<Design> all = new ArrayList<>(List.of(Design.of(job)));
        all.addAll(job.looks().others);
        return all;
    }

    /** A job with one of its designs changed, counted as in {@link #designs}. */
    public static Job with(Job job, int index, Design design) {
        if (index == 0) {
            return design.in(job);
        }
        List<Design> others = new ArrayList<>(job.looks().others);
        others.set(index - 1, design);
        return job.withLooks(job.looks().withOthers(others));
    }

    /** A job with one of its designs once more beside it, to be changed; as it is when there are as many as can be. */
    public static Job withAnother(Job job, int like) {
        List<Design> others = new ArrayList<>(job.looks().others);
        if (others.size() == MOST_OTHERS) {
            return job;
        }
        others.add(designs(job).get(like));
        return job.withLooks(job.looks().withOthers(others));
    }

    /** A job without one of its other designs. */
    public static Job without(Job job, int index) {
        List<Design> others = new ArrayList<>(job.looks().others);
        others.remove(index - 1);
        return job.withLooks(job.looks().withOthers(others));
    }

    /** A job made in one of its designs; what it was stands among the others. */
    public static Job chosen(Job job, int index) {
        Design wanted = designs(job).get(index);
        return with(wanted.in(job), index, Design.of(job));
    }

    /** Whether a finish has a colour of its own. */
    public static boolean isColored(Recipe finish) {
        return finish.stained() || finish.name().equals("sprayed lacquer") || finish.name().equals("metal leaf");
    }
}
