package neatcorner.exchange.job;

import java.math.BigDecimal;
import java.util.List;
import java.util.Map;
import neatcorner.exchange.json.Json;
import neatcorner.fitout.Layer;
import neatcorner.glueup.GlueUp;
import neatcorner.glueup.Workshop;
import neatcorner.job.Job;
import neatcorner.measure.Length;
import neatcorner.measure.Units;
import neatcorner.outline.Outline;
import neatcorner.outline.Shape;
import neatcorner.outline.Vertex;
import neatcorner.saw.Saw;
import neatcorner.saw.measured.Checks;
import neatcorner.saw.measured.DryFit;
import neatcorner.wood.Climate;

/** Writes a job as version-1 JSON, in the job's own units, exactly: what is read back is the same job. */
final class JobWriter {
    private final Units units;

    JobWriter(Units units) {
        this.units = units;
    }

    static Json.Obj write(Job job) {
        return new JobWriter(job.units()).job(job);
    }

    private Json.Obj job(Job job) {
        Json.Fields size = Json.object().with("of", word(JobReader.SIZE_OF, job.sizeOf()));
        if (!(job.outline().shape() instanceof Shape.Polygon)) {
            size.with("width", length(job.size().width())).with("height", length(job.size().height()));
        }
        Json.Fields fields = Json.object().with("format", JobReader.FORMAT).with("title", job.title())
                .with("units", units.symbol()).with("quantity", Json.of(job.quantity()))
                .with("outline", outline(job.outline()))
                .with("size", size.end())
                .with("clearance", length(job.clearance()))
                .with("pack", Json.of(job.pack().layers().stream().map(this::layer).toList()))
                .with("section", new SectionWriter(this::length).write(job.section()))
                .with("corner", corner(job))
                .with("stock",
                        new RackWriter(this::length).write(job.stock(),
                                word(JobReader.KEEP, job.stock().keepFrameTogether())))
                .with("saw", saw(job.saw()));
        checks(job.checks(), fields);
        if (!job.glueUp().equals(GlueUp.usual())) {
            fields.with("glueUp", new ShopWriter(this::length).glueUp(job.glueUp()));
        }
        if (!job.shop().equals(Workshop.usual(units))) {
            fields.with("shop", new ShopWriter(this::length).shop(job.shop()));
        }
        return fields.end();
    }

    private Json corner(Job job) {
        Json.Fields fields = Json.object().with("joint", word(JobReader.JOINT, job.joint()));
        return (job.reinforcement().isEmpty()
                ? fields
                : fields.with("reinforcement", new ReinforcementWriter(this::length).list(job.reinforcement()))).end();
    }

    private Json outline(Outline outline) {
        Json.Fields fields = Json.object();
        switch (outline.shape()) {
            case Shape.Rectangle rectangle -> fields.with("kind", "rectangle");
            case Shape.Regular regular -> fields.with("kind", "regular").with("sides", Json.of(regular.sides()))
                    .with("across", word(OutlineReader.ACROSS, regular.acrossCorners()));
            case Shape.Polygon polygon -> fields.with("kind", "polygon").with("points",
                    Json.of(polygon.loop().vertices().reversed().stream().map(this::point).toList()));
            case Shape.Arch arch -> {
                fields.with("kind", "arch").with("curve", word(OutlineReader.CURVES, arch.curve())).with("rise",
                        length(arch.rise()));
                segments(fields, arch.segments());
            }
            case Shape.Circle circle -> segments(fields.with("kind", "circle"), circle.segments());
            case Shape.Ellipse ellipse -> segments(fields.with("kind", "ellipse"), ellipse.segments());
        }
        if (outline.isSloped()) {
            fields.with("slope", Json.of(outline.slope().degrees(), 6));
        }
        if (!outline.faceWidths().isEmpty()) {
            fields.with("faceWidths", lengths(outline.faceWidths()));
        }
        if (!outline.boardWidth().equals(Outline.USUAL_BOARD)) {
            fields.with("boardWidth", length(outline.boardWidth()));
        }
        return fields.end();
    }

    private static void segments(Json.Fields fields, int segments) {
        if (segments > 0) {
            fields.with("segments", Json.of(segments));
        }
    }

    private Json point(Vertex vertex) {
        return lengths(List.of(Length.mm(vertex.x()), Length.mm(-vertex.y())));
    }

    static <T> String word(Map<String, T> words, T value) {
        return words.entrySet().stream().filter(entry -> entry.getValue().equals(value)).findFirst().orElseThrow()
                .getKey();
    }

    /**
     * A number in the job's units where that is exact in four decimals; else a text that is: a fraction of an inch in
     * 128ths, or millimetres.
     */
    private Json length(Length length) {
        long per = units == Units.MILLIMETRES ? Length.PER_MM : Length.PER_INCH;
        BigDecimal tenThousandths = BigDecimal.valueOf(length.units()).multiply(BigDecimal.valueOf(10_000));
        BigDecimal[] parts = tenThousandths.divideAndRemainder(BigDecimal.valueOf(per));
        if (parts[1].signum() == 0) {
            return Json.of(parts[0].movePointLeft(4));
        }
        BigDecimal exact = BigDecimal.valueOf(length.units()).divide(BigDecimal.valueOf(Length.PER_MM));
        return Json.of(exact.stripTrailingZeros().toPlainString() + " mm");
    }

    private Json lengths(List<Length> lengths) {
        return Json.of(lengths.stream().map(this::length).toList());
    }

    private Json layer(Layer layer) {
        Json.Fields fields = Json.object();
        switch (layer) {
            case Layer.Glazing glazing -> fields.with("kind", "glazing").with("material", glazing.material().name());
            case Layer.Mat mat -> fields.with("kind", "mat");
            case Layer.Art art -> fields.with("kind", "art");
            case Layer.Backing backing -> fields.with("kind", "backing").with("material", backing.material().name());
        }
        fields.with("thickness", length(layer.thickness()));
        if (layer instanceof Layer.Mat mat) {
            fields.with("overlap", length(mat.overlap())).with("borders",
                    Json.object().with("top", length(mat.borders().top())).with("right", length(mat.borders().right()))
                            .with("bottom", length(mat.borders().bottom())).with("left", length(mat.borders().left()))
                            .end());
        }
        return fields.end();
    }

    Json saw(Saw saw) {
        return sawFields(saw).end();
    }

    Json.Fields sawFields(Saw saw) {
        return Json.object().with("name", saw.name()).with("kind", word(JobReader.SAW_KIND, saw.kind()))
                .with("kerf", length(saw.kerf())).with("maxMiter", Json.of(saw.maxMiter().degrees(), 6))
                .with("maxBevel", Json.of(saw.maxBevel().degrees(), 6)).with("minHold", length(saw.minHold()))
                .with("rough", length(saw.rough()))
                .with("secondMiter", word(JobReader.SECOND_MITER, saw.secondMiter()))
                .with("scale",
                        Json.object().with("zero", word(JobReader.ZERO, saw.scale().zero()))
                                .with("radius", length(saw.scale().radius()))
                                .with("fence", length(saw.scale().fence())).end())
                .with("stops", Json.of(saw.stops().stream().map(stop -> Json.of(stop.degrees(), 6)).toList()));
    }

    private void checks(Checks checks, Json.Fields fields) {
        if (!checks.measured().isEmpty()) {
            fields.with("measured", Json.of(checks.measured().stream()
                    .map(m -> Json.object().with("piece", m.piece()).with("long", length(m.outer()))
                            .with("left", Json.of(m.left().degrees(), 6)).with("right", Json.of(m.right().degrees(), 6))
                            .end())
                    .toList()));
        }
        if (!checks.gapLimit().equals(Checks.HAIRLINE)) {
            fields.with("gapLimit", length(checks.gapLimit()));
        }
        DryFit fit = checks.dryFit();
        if (!fit.equals(DryFit.closed())) {
            Json.Fields dry = Json.object().with("heels", gaps(fit.heels())).with("toes", gaps(fit.toes()))
                    .with("steps", gaps(fit.steps()));
            if (fit.first() > 0 && fit.second() > 0) {
                dry.with("diagonals", gaps(List.of(fit.first(), fit.second())));
            }
            fields.with("dryFit", dry.with("rocks", length(Length.mm(fit.rocks()))).end());
        }
        Climate place = checks.place();
        if (place != null) {
            fields.with("place", Json.object().with("driest", air(place.dry())).with("dampest", air(place.damp()))
                    .with("glued", Json.of(place.glued(), 2)).with("flatSawn", Json.of(place.flat())).end());
        }
    }

    private Json gaps(List<Double> gaps) {
        return lengths(gaps.stream().map(Length::mm).toList());
    }

    private static Json air(Climate.Air air) {
        return Json.object().with("celsius", Json.of(air.celsius(), 2)).with("humidity", Json.of(air.humidity(), 2))
                .end();
    }
}
