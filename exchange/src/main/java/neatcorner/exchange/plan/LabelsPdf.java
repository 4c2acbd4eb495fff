package neatcorner.exchange.plan;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.paper.Photos;
import neatcorner.exchange.paper.Stickers;
import neatcorner.job.CutRing;
import neatcorner.measure.Notation;
import neatcorner.piece.Piece;
import neatcorner.plan.Plan;

/** A sticker for each piece: its letter, its length, which edge is inside, what it meets at both ends. */
final class LabelsPdf {
    private LabelsPdf() {}

    static byte[] write(Plan plan, PaperSize paper, Notation notation) throws IOException {
        List<Stickers.Sticker> stickers = new ArrayList<>();
        List<Piece> parts = plan.parts();
        List<List<Piece>> loops = Stream.concat(Stream.of(plan.frame()), plan.rings().stream())
                .map(CutRing::pieces).toList();
        for (int frame = 1; frame <= plan.job().quantity(); frame++) {
            for (Piece part : parts) {
                List<Piece> loop = loops.stream().filter(each -> each.contains(part)).findFirst().orElse(List.of());
                int count = loop.size();
                int index = loop.indexOf(part);
                String before = index < 0 ? "" : loop.get((index + count - 1) % count).name();
                String after = index < 0 ? "" : loop.get((index + 1) % count).name();
                stickers.add(new Stickers.Sticker(part.name() + (plan.job().quantity() > 1 ? frame : ""),
                        plan.job().title(), part.longPoint(), before, after));
            }
        }
        return PaperPdf.pages(plan, paper, Photos.NONE, pen -> new Stickers(pen, paper, notation).write(stickers));
    }
}
