package neatcorner.station.opening;

import java.util.List;
import java.util.stream.Stream;
import neatcorner.fitout.Layer;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.LengthRange;
import neatcorner.outline.Faces;
import neatcorner.plan.Field;
import neatcorner.plan.Lens;
import neatcorner.section.Seat;

/** Lengths of a mat. */
public final class MatFields {
    private static final Lens<Job, Layer.Mat> MAT = Lens.job(job -> job.pack().mat().orElse(null),
            (job, mat) -> job.withPack(job.pack().withMat(mat)));

    public static final Field MAT_TOP = border("mat.top", OpeningTexts.MAT_BORDER_TOP, 0);
    public static final Field MAT_RIGHT = border("mat.right", OpeningTexts.MAT_BORDER_RIGHT, 1);
    public static final Field MAT_BOTTOM = border("mat.bottom", OpeningTexts.MAT_BORDER_BOTTOM, 2);
    public static final Field MAT_LEFT = border("mat.left", OpeningTexts.MAT_BORDER_LEFT, 3);
    public static final Field MAT_OVERLAP = new Field("mat.overlap", OpeningTexts.MAT_OVERLAP, LengthRange.BORDER,
            MAT.to(Layer.Mat::overlap, Layer.Mat::withOverlap));
    /** What shows of each mat border, outside the lip; clockwise from the top. */
    public static final List<Field> MAT_SHOWS = List.of(shows("mat.top.shows", OpeningTexts.BORDER_SHOWS_TOP, 0),
            shows("mat.right.shows", OpeningTexts.BORDER_SHOWS_RIGHT, 1),
            shows("mat.bottom.shows", OpeningTexts.BORDER_SHOWS_BOTTOM, 2),
            shows("mat.left.shows", OpeningTexts.BORDER_SHOWS_LEFT, 3));
    /** The border that shows, all round the same; as it is now, the top one. */
    public static final Field MAT_EVEN = new Field("mat.even", OpeningTexts.BORDER_SHOWS_ALL_ROUND, LengthRange.BORDER,
            plan -> MAT_SHOWS.getFirst().in(plan),
            (job, length) -> MAT.change(job, mat -> mat.withBorders(Faces.all(length.plus(underLip(job))))));
    /** Those of the mat. */
    public static final List<Field> OF_MAT = Stream.concat(
            Stream.of(MAT_EVEN, MAT_TOP, MAT_RIGHT, MAT_BOTTOM, MAT_LEFT, MAT_OVERLAP), MAT_SHOWS.stream()).toList();

    private MatFields() {}

    /** A border as it is seen: less what lies under the lip. */
    private static Field shows(String id, String title, int side) {
        return new Field(id, title, LengthRange.BORDER,
                plan -> MAT.in(plan.job()).map(mat -> mat.borders().list().get(side).minus(underLip(plan.job())))
                        .orElse(Length.ZERO),
                (job, length) -> MAT.change(job,
                        mat -> mat.withBorders(mat.borders().with(side, length.plus(underLip(job))))));
    }

    /** How far the mat's edge lies behind the lip. */
    private static Length underLip(Job job) {
        return Seat.of(job.section(), job.outline().slope()).wall().minus(job.clearance());
    }

    private static Field border(String id, String title, int side) {
        return new Field(id, title, LengthRange.BORDER, MAT.to(Layer.Mat::borders, Layer.Mat::withBorders)
                .to(borders -> borders.list().get(side), (borders, length) -> borders.with(side, length)));
    }
}
