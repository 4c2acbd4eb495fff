package neatcorner.hanging;

import java.util.List;
import neatcorner.fitout.CutSizes;
import neatcorner.fitout.FrameSizes;
import neatcorner.fitout.Layer;
import neatcorner.fitout.Pack;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.outline.Contours;
import neatcorner.outline.Loop;
import neatcorner.outline.Opening;
import neatcorner.outline.Outline;
import neatcorner.piece.CornerJoint;
import neatcorner.piece.Piece;
import neatcorner.section.Rabbet;
import neatcorner.section.Seat;
import neatcorner.section.Section;

/**
 * What one frame weighs.
 *
 * @param wood of the frame and all that is set against it
 * @param pack glazing, mats, art and backing
 */
public record Weight(Mass wood, Mass pack) {

    /** Of wood and pack together. */
    public Mass total() {
        return wood.plus(pack);
    }

    /**
     * Wood as it stands in the joined frame; sheets from their cut sizes, as their share of the upright boxes round an
     * outline that is no rectangle.
     *
     * @param contours the frame's edges, for the wood of curves and the shape of sheets
     * @param inRabbet whether the pack lies in the rabbet
     * @param under    how much glazing and backing are cut under there, in all
     */
    public static Weight of(Frame frame, Contours contours, Pack pack, FrameSizes sizes, boolean inRabbet,
            Length under) {
        Rabbet seat = Seat.of(frame.section, frame.outline.slope()).rabbet();
        double sheets = 0;
        for (Layer layer : pack.layers()) {
            sheets += flat(layer, CutSizes.of(layer, sizes, seat, inRabbet, under), sizes);
        }
        double share = share(frame.outline, contours);
        return new Weight(frame.mass(contours), pack.layers().isEmpty() ? Mass.ZERO : new Mass(sheets * share));
    }

    /** One layer of the pack, cut to this size; a mat without its window. */
    public static Mass of(Layer layer, Opening cut, FrameSizes sizes, Outline outline, Contours contours) {
        return new Mass(flat(layer, cut, sizes) * share(outline, contours));
    }

    /** Kilograms of a sheet as large as the upright box round it. */
    private static double flat(Layer layer, Opening cut, FrameSizes sizes) {
        double area = cut.areaM2();
        Opening window = sizes.window();
        if (layer instanceof Layer.Mat && window != null) {
            area -= window.areaM2();
        }
        if (layer instanceof Layer.Spacers) {
            area = 2 * cut.width().plus(cut.height()).toMm() * Layer.Spacers.WIDE.toMm() * 1e-6;
        }
        return area * layer.thickness().toMm() * 1e-3 * layer.material().density();
    }

    /** How much of the box round an outline it fills. */
    private static double share(Outline outline, Contours contours) {
        Loop sheet = contours.rabbet();
        return outline.isRectangle()
                ? 1
                : Math.abs(sheet.area()) / Math.max(1e-9, sheet.box().areaM2() * 1e6);
    }

    /** The wood of a frame: its pieces, what they are cut from, and how they meet. */
    public record Frame(List<Piece> pieces, Section section, Outline outline, CornerJoint joint) {

        /** Of the joined wood. */
        public Mass mass(Contours contours) {
            return new Mass(volume(contours) * 1e-9 * section.density());
        }

        /** mm³ in the joined frame: what two pieces share at a lap or in fingers counts once. */
        double volume(Contours contours) {
            if (!contours.segments().isEmpty()) {
                return contours.at(section.centroidXMm()).perimeter() * section.areaMm2(section.width());
            }
            boolean mitred = joint.on(outline) == CornerJoint.MITER;
            double sum = 0;
            for (int i = 0; i < pieces.size(); i++) {
                sum += mitred ? mitred(pieces.get(i)) : layered(i);
            }
            return sum;
        }

        /** The solid of a section between two planes: its area times the length through its centroid. */
        private double mitred(Piece piece) {
            Section own = section.withWidth(piece.face());
            double slope = outline.slope().radians();
            double out = outline.isSloped()
                    ? own.centroidXMm() * Math.cos(slope) + own.centroidYMm() * Math.sin(slope)
                    : own.centroidXMm();
            return own.areaMm2(piece.face())
                    * (piece.sight().toMm() + (piece.left().lean() + piece.right().lean()) * out);
        }

        /** Layer by layer from the front: in each, a piece runs through to the outside, or stands between the others. */
        private double layered(int index) {
            Piece piece = pieces.get(index);
            Section own = section.withWidth(piece.face());
            double t = section.thickness().toMm();
            double before = pieces.get(Math.floorMod(index - 1, pieces.size())).face().toMm();
            double after = pieces.get((index + 1) % pieces.size()).face().toMm();
            boolean side = index % 2 == 1;
            double inside = joint == CornerJoint.DADO
                    ? CornerJoint.dado(Length.mm(before)).plus(CornerJoint.dado(Length.mm(after))).toMm()
                    : 0;
            double through = joint.isButted() && !side
                    ? piece.outer().toMm() - inside + before + after
                    : piece.outer().toMm();
            double between = through - before - after;
            return switch (joint) {
                case BUTT, DADO -> own.areaMm2(piece.face()) * (side ? through : between);
                case LAP -> own.area(0, t / 2) * (side ? through : between)
                        + own.area(t / 2, t) * (side ? between : through);
                case BOX -> fingers(own, side ? through : between, side ? between : through);
                case MITER, MITRED_LAP -> own.area(t / 2, t) * (between + after) + front(own, before, after, between);
            };
        }

        private double fingers(Section own, double even, double odd) {
            int count = CornerJoint.fingers(section.thickness());
            double each = section.thickness().toMm() / count;
            double sum = 0;
            for (int i = 0; i < count; i++) {
                sum += own.area(i * each, (i + 1) * each) * (i % 2 == 0 ? even : odd);
            }
            return sum;
        }

        /** The front half of a mitred lap, whose miters run from toe to heel. */
        private double front(Section own, double before, double after, double between) {
            double half = section.thickness().toMm() / 2;
            return own.area(0, half) * (between + own.centroidX(0, half) * (before + after) / own.width().toMm());
        }
    }
}
