package neatcorner.job;

import neatcorner.glueup.Recipe;
import neatcorner.wood.Species;

/**
 * What is seen of a frame and not measured.
 *
 * @param stain of the finish, where it has a colour
 * @param core  of the mat, where its window is cut
 */
public record Design(Species wood, Recipe finish, Shade stain, Shade mat, Shade core) {

    /** As the job is now. */
    public static Design of(Job job) {
        Looks looks = job.looks();
        return new Design(job.section().wood(), job.glueUp().finish(), looks.stain(), looks.mat(), looks.core());
    }

    /** The job as this would have it. */
    public Job in(Job job) {
        return job.withSection(job.section().withWood(wood)).withGlueUp(job.glueUp().withFinish(finish))
                .withLooks(job.looks().withStain(stain).withMat(mat).withCore(core));
    }

    /** Of another wood. */
    public Design withWood(Species other) {
        return new Design(other, finish, stain, mat, core);
    }

    /** Finished in another way. */
    public Design withFinish(Recipe other, Shade color) {
        return new Design(wood, other, color, mat, core);
    }

    /** With a mat of another colour. */
    public Design withMat(Shade other) {
        return new Design(wood, finish, stain, other, core);
    }

    /** With another core in the mat. */
    public Design withCore(Shade other) {
        return new Design(wood, finish, stain, mat, other);
    }
}
