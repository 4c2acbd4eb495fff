package neatcorner.plan;

import java.util.function.BiFunction;
import java.util.function.UnaryOperator;
import neatcorner.job.Job;
import neatcorner.shop.Shop;

/**
 * One change: of a job, or of the shop that it is made in. Pure, and of the job and the shop that it is given, which may be
 * newer than those that gave rise to it.
 */
public final class Edit {
    private final BiFunction<Job, Shop, Job> job;
    private final UnaryOperator<Shop> shop;

    private Edit(BiFunction<Job, Shop, Job> job, UnaryOperator<Shop> shop) {
        this.job = job;
        this.shop = shop;
    }

    /** Of the job alone. */
    public static Edit job(UnaryOperator<Job> change) {
        return new Edit((job, shop) -> change.apply(job), shop -> shop);
    }

    /** Of the job, with a look at what the shop has. */
    public static Edit jobIn(BiFunction<Job, Shop, Job> change) {
        return new Edit(change, shop -> shop);
    }

    /** Of the shop; it is the shop of all jobs. */
    public static Edit shop(UnaryOperator<Shop> change) {
        return new Edit((job, shop) -> job, change);
    }

    /** Of the job and of the shop at once, as where what is left of the one's wood is kept in the other. */
    public static Edit both(UnaryOperator<Job> job, UnaryOperator<Shop> shop) {
        return new Edit((before, in) -> job.apply(before), shop);
    }

    /** One after the other, as one. */
    public Edit then(Edit next) {
        return new Edit((before, in) -> next.of(of(before, in), of(in)), before -> next.of(of(before)));
    }

    /** The job, changed, in such a shop. */
    public Job of(Job before, Shop in) {
        return job.apply(before, in);
    }

    /** The shop, changed. */
    public Shop of(Shop before) {
        return shop.apply(before);
    }
}
