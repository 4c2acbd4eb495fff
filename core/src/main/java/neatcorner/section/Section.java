package neatcorner.section;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Arrays;
import java.util.List;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Mass;
import neatcorner.wood.Species;

/**
 * The shape of a stick cut square across: a blank less its rabbet and whatever else is milled off.
 *
 * @param width     face width, sight edge to outer edge, when all is milled
 * @param thickness front to back
 * @param milling   how it becomes what it is
 */
@RecordBuilder
public record Section(Species wood, Length width, Length thickness, Rabbet rabbet,
        Milling milling) implements SectionBuilder.With {

    /** A rectangle with a rabbet. */
    public Section(Species wood, Length width, Length thickness, Rabbet rabbet) {
        this(wood, width, thickness, rabbet, Milling.PLAIN);
    }

    /** Where the pack's rabbet turns: the inner edge of its floor, the foot of its wall, the wall's other end. */
    public List<Spot> rabbetTurns() {
        RabbetCut cut = RabbetCut.front(this);
        return List.of(cut.floor(), cut.foot(), cut.top());
    }

    /** Thickness of what is left in front of the rabbet; zero or negative when the rabbet goes through. */
    public Length lip() {
        return rabbet.isTilted()
                ? Length.mm(RabbetCut.wood(this, RabbetCut.front(this).floor(), rabbet.tilt().sin(),
                        -rabbet.tilt().cos()))
                : thickness.minus(rabbet.depth());
    }

    /** Width of what is left outside the rabbet; zero or negative when the rabbet takes it all. */
    public Length wall() {
        if (!rabbet.isTilted()) {
            return width.minus(rabbet.widest());
        }
        Rabbet.Step step = rabbet.step();
        RabbetCut widest = step == null ? RabbetCut.front(this) : RabbetCut.step(this, step);
        return Length.mm(RabbetCut.wood(this, widest.foot(), rabbet.tilt().cos(), rabbet.tilt().sin()));
    }

    /**
     * How far out of the sight edge the wood reaches in the plane of a frame whose faces slope by so much: the largest x·cos
     * S + y·sin S on the stick's end; the face width of a flat frame.
     */
    public Length reach(Angle slope) {
        if (Math.abs(slope.degrees()) < 1e-9) {
            return width;
        }
        double corner = width.toMm() * slope.cos() + thickness.toMm() * slope.sin();
        return Length.mm(isPlain() || !isSound()
                ? corner
                : Arrays.stream(Profile.of(this).finished().getCoordinates())
                        .mapToDouble(spot -> spot.x * slope.cos() + spot.y * slope.sin()).max().orElse(corner));
    }

    /** As {@link #reach(Angle)}, of a side with another face width than the section's. */
    public Length reach(Angle slope, Length face) {
        return reach(slope).plus(face.minus(width).scaled(slope.cos()));
    }

    /** A rectangle with a rabbet square to it, for which a few products do. */
    private boolean isPlain() {
        return !milling.shapes() && !rabbet.isTilted();
    }

    /** Width of the stick before anything is ripped off it. */
    public Length blankWidth() {
        return milling.operations().stream()
                .map(operation -> operation instanceof Operation.Rip rip
                        ? Length.max(Length.ZERO, rip.size())
                        : Length.ZERO)
                .reduce(width, Length::plus);
    }

    /** True when there is wood all round: positive sizes, a lip and a wall where it has a rabbet, and a step that is wider and shallower. */
    public boolean isSound() {
        Rabbet.Step step = rabbet.step();
        boolean stepped = step == null || (step.width().isMoreThan(rabbet.width())
                && step.depth().isLessThan(rabbet.depth()) && step.depth().isPositive());
        boolean cut = rabbet.isNone() || (rabbet.width().isPositive() && rabbet.depth().isPositive());
        return width.isPositive() && thickness.isPositive() && cut && lip().isPositive() && wall().isPositive()
                && stepped;
    }

    /** Area of wood in mm² of a stick of this section but another face width (sides may differ). */
    public double areaMm2(Length faceWidth) {
        if (!isPlain() && isSound()) {
            double other = faceWidth.minus(width).toMm() * thickness.toMm();
            return Math.max(0, Profile.of(this).area() + other);
        }
        double blank = faceWidth.toMm() * thickness.toMm();
        double cut = rabbet.width().toMm() * rabbet.depth().toMm();
        Rabbet.Step step = rabbet.step();
        double stepCut = step == null ? 0 : step.width().minus(rabbet.width()).toMm() * step.depth().toMm();
        return Math.max(0, blank - cut - stepCut);
    }

    /** Distance of the centroid from the sight edge, in mm. */
    public double centroidXMm() {
        if (!isPlain() && isSound()) {
            return Profile.of(this).centroidX();
        }
        double area = areaMm2(width);
        double w = width.toMm();
        double moment = w * thickness.toMm() * w / 2;
        double rw = rabbet.width().toMm();
        moment -= rw * rabbet.depth().toMm() * rw / 2;
        Rabbet.Step step = rabbet.step();
        if (step != null) {
            double sw = step.width().toMm();
            moment -= (sw - rw) * step.depth().toMm() * (sw + rw) / 2;
        }
        return moment / area;
    }

    /**
     * Second moment of area in mm⁴ of the wood that is left, for bending in the plane of the face: about the axis through its
     * centroid that runs from front to back. Of a stick of this section but another face width, whose outer edge lies
     * further out or in. Zero where nothing is left.
     */
    public double secondMoment(Length faceWidth) {
        Section own = withWidth(faceWidth);
        if (!own.isSound()) {
            return 0;
        }
        double area = 0;
        double first = 0;
        double second = 0;
        for (List<Spot> outline : Profile.outlines(Profile.of(own).finished())) {
            double a = 0;
            double m = 0;
            double s = 0;
            for (int i = 0; i < outline.size(); i++) {
                Spot p = outline.get(i);
                Spot q = outline.get((i + 1) % outline.size());
                double cross = p.x() * q.y() - q.x() * p.y();
                a += cross / 2;
                m += cross * (p.x() + q.x()) / 6;
                s += cross * (p.x() * p.x() + p.x() * q.x() + q.x() * q.x()) / 12;
            }
            double sign = Math.signum(a);
            area += sign * a;
            first += sign * m;
            second += sign * s;
        }
        return area <= 0 ? 0 : second - first * first / area;
    }

    /** Distance of the centroid from the front, in mm. */
    public double centroidYMm() {
        return isSound() ? Profile.of(this).finished().getCentroid().getY() : thickness.toMm() / 2;
    }

    /** Area of the wood between two distances from the front, mm². */
    public double area(double front, double back) {
        return isSound() ? Profile.of(this).between(front, back).getArea() : 0;
    }

    /** Distance from the sight edge, in mm, of the centroid of the wood between two distances from the front. */
    public double centroidX(double front, double back) {
        return isSound() ? Profile.of(this).between(front, back).getCentroid().getX() : width.toMm() / 2;
    }

    /** Mass of one metre of stick. */
    public Mass perMetre() {
        return new Mass(areaMm2(width) * 1e-6 * density());
    }

    /** Density in kg/m³; of a built-up section, that of its boards by their share of it. */
    public double density() {
        Layers layers = milling.layers();
        if (layers.isEmpty() || !layers.total().isPositive()) {
            return wood.density();
        }
        return layers.plies().stream().mapToDouble(ply -> ply.wood().density() * ply.size().toMm()).sum()
                / layers.total().toMm();
    }
}
