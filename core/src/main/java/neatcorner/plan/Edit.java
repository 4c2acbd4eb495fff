package neatcorner.plan;

import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import neatcorner.glueup.Workshop;
import neatcorner.job.Job;

/**
 * One change: of a job, or of the shop that it is made in. Pure, and of the job and the shop that it is given, which may be
 * newer than those that gave rise to it.
 */
public final class Edit {
    private final BiFunction<Job, Workshop, Job> job;
    private final UnaryOperator<Workshop> shop;

    private Edit(BiFunction<Job, Workshop, Job> job, UnaryOperator<Workshop> shop) {
        this.job = job;
        this.shop = shop;
    }

    /** Of the job alone. */
    public static Edit job(UnaryOperator<Job> change) {
        return new Edit((job, shop) -> change.apply(job), shop -> shop);
    }

    /** Of the job, with a look at what the shop has. */
    public static Edit jobIn(BiFunction<Job, Workshop, Job> change) {
        return new Edit(change, shop -> shop);
    }

    /** Of the shop; it is the shop of all jobs. */
    public static Edit shop(UnaryOperator<Workshop> change) {
        return new Edit((job, shop) -> job, change);
    }

    /** The job, changed, in such a shop. */
    public Job of(Job before, Workshop in) {
        return job.apply(before, in);
    }

    /** The shop, changed. */
    public Workshop of(Workshop before) {
        return shop.apply(before);
    }
}
