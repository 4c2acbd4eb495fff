package neatcorner.exchange.station.section;

import static neatcorner.exchange.station.PlanNumbers.mm;
import static neatcorner.exchange.station.PlanNumbers.pair;
import static neatcorner.exchange.station.PlanNumbers.piece;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import neatcorner.drawing.Drawing;
import neatcorner.exchange.json.Json;
import neatcorner.exchange.paper.Column;
import neatcorner.exchange.station.PlanNumbers;
import neatcorner.exchange.station.StationFiles;
import neatcorner.fitout.Screws;
import neatcorner.job.CutRing;
import neatcorner.job.Ring;
import neatcorner.measure.Angle;
import neatcorner.measure.Length;
import neatcorner.measure.Notation;
import neatcorner.measure.Sentence;
import neatcorner.measure.Theirs;
import neatcorner.plan.AsFrame;
import neatcorner.plan.Plan;
import neatcorner.plan.Station;
import neatcorner.section.MillPass;
import neatcorner.section.Operation;
import neatcorner.section.Passes;
import neatcorner.section.SafeZone;
import neatcorner.section.Section;
import neatcorner.station.section.MillingSlate;
import neatcorner.station.section.SectionFigure;

/** What milling comes to: area, passes, safe zone. */
public final class SectionFiles implements StationFiles {
    @Override
    public Station station() {
        return Station.SECTION;
    }

    @Override
    public void json(Plan plan, Telling telling, Json.Fields root) {
        Section section = plan.job().section();
        if (section.isSound()) {
            root.with("section", milled(section));
        }
        if (!plan.rings().isEmpty()) {
            root.with("rings", Json.of(plan.rings().stream().map(ring -> ring(ring, plan)).toList()));
        }
    }

    @Override
    public void paper(Moment moment, Plan plan, Telling telling, Column sheet) throws IOException {
        switch (moment) {
            case CUT_LIST -> section(plan, telling.notation(), sheet);
            case MILLING -> {
                for (AsFrame ring : AsFrame.all(plan.job())) {
                    milling(ring, ring.in(plan.job()).section(), sheet);
                }
            }
            case FULL_SIZE -> fullSize(plan, telling.notation(), sheet);
            case FRAME, BOARDS, FIRST_CUTS, FINAL_CUTS, CORNERS, GLUE_UP, FIT_OUT, HANGING, PACK, SHEETS, CAUTIONS -> {
            }
        }
    }

    /** A ring whose place is impossible has no pieces, and findings say why. */
    private static Json ring(CutRing ring, Plan plan) {
        Json.Fields fields = Json.object().with("name", ring.name())
                .with("outside", pair(ring.placed().outside().width(), ring.placed().outside().height()))
                .with("sight", pair(ring.placed().sight().width(), ring.placed().sight().height()))
                .with("pieces", Json.of(ring.pieces().stream().map(piece -> piece(piece, plan)).toList()));
        Ring set = ring.ring();
        Screws screws = set == null ? null : set.screws();
        return (screws == null
                ? fields
                : fields.with("screws", Json.object().with("length", mm(screws.length()))
                        .with("along", Json.of(ring.pieces().stream().map(piece -> Json.object()
                                .with("piece", piece.name())
                                .with("at", Json.of(screws.spacing().screws(piece.longPoint()).stream()
                                        .map(PlanNumbers::mm).toList()))
                                .end()).toList()))
                        .end()))
                .end();
    }

    private static Json milled(Section section) {
        List<Operation> order = section.milling().order(section.rabbet());
        Json.Fields fields = Json.object().with("area", Json.of(section.areaMm2(section.width()), 4))
                .with("passes", Json.of(Passes.of(section).stream().map(pass -> pass(section, order, pass)).toList()));
        Optional<SafeZone> zone = SafeZone.of(section);
        return fields.with("safeZone", zone.isEmpty()
                ? Json.none()
                : Json.of(zone.get().largest().stream().map(value -> Json.of(value, 4)).toList())).end();
    }

    private static Json pass(Section section, List<Operation> order, MillPass pass) {
        Json.Fields fields = Json.object().with("op", order.get(pass.operation()).title())
                .with("tool", pass.tool().title()).with("pass", Json.of(pass.number())).with("of", Json.of(pass.of()))
                .with("fence", Json.of(pass.fence().toMm(), 4)).with("height", Json.of(pass.height().toMm(), 4))
                .with("table", pass.rest().title()).with("guide", pass.guide().title());
        Length wide = pass.wide();
        if (wide != null) {
            fields.with("wide", Json.of(wide.toMm(), 4));
        }
        if (pass.isAfterAssembly(section)) {
            fields.with("after", "assembly");
        }
        Angle tilt = pass.tilt();
        return (tilt == null
                ? fields
                : fields.with("tilt", Json.of(tilt.degrees(), 6)).with("top",
                        pass.leans() ? SectionPaperTexts.TO_FENCE : SectionPaperTexts.FROM_FENCE))
                .end();
    }

    /** Points on paper for each of the drawing's. */
    private static final double SMALL = 0.5;

    /** The stick's end with the pack in its rabbet, small. */
    private static void section(Plan plan, Notation notation, Column sheet) throws IOException {
        Section section = plan.job().section();
        sheet.beside(0.5, left -> left.figure(Drawing.snug(SectionFigure.of(plan).bare(), left.textWidth() / SMALL,
                74 / SMALL, notation), SMALL), right -> {
                    right.note("",
                            Sentence.of(SectionPaperTexts.FACE_FRONT_TO_BACK, section.width(), section.thickness()),
                            false);
                    right.note("", Sentence.of(SectionPaperTexts.RABBET_SIZES, section.rabbet().width(),
                            section.rabbet().depth()), false);
                    right.note("",
                            Sentence.of(SectionPaperTexts.PACK_AND_SPARE, plan.job().pack().thickness(),
                                    plan.spareDepth()),
                            false);
                });
    }

    /** The section, pass by pass, where there is more to it than a router's rabbet. */
    private static void milling(AsFrame ring, Section section, Column sheet) throws IOException {
        if (!section.isSound() || Passes.of(section).isEmpty()) {
            return;
        }
        sheet.keepTogether(80);
        sheet.heading(ring.ring().isEmpty()
                ? SectionPaperTexts.MILLING_PASS_BY_PASS
                : SectionPaperTexts.MILLING_OF_RING.formatted(Theirs.words(ring.ring()),
                        SectionPaperTexts.MILLING_PASS_BY_PASS));
        for (List<MillPass> passes : MillingSlate.alike(section)) {
            sheet.tick(MillingSlate.inWords(section, passes));
        }
        sheet.note("!",
                SectionPaperTexts.LIGHT_PASSES_AGAINST_THE_CUTTERS,
                false);
    }

    private static void fullSize(Plan plan, Notation notation, Column sheet) throws IOException {
        Drawing drawing = Drawing.atScale(SectionFigure.fullSize(plan), Column.POINTS_PER_MM / Column.UNIT,
                notation);
        sheet.keepTogether(Math.min(drawing.height() * Column.UNIT, 500) + 90);
        sheet.heading(SectionPaperTexts.STICKS_END_AT_FULL);
        sheet.figure(drawing, Column.UNIT);
        sheet.scaleBar(Column.POINTS_PER_MM);
    }
}
