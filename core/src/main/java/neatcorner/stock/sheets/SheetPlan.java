package neatcorner.stock.sheets;

import java.util.ArrayList;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.outline.Opening;
import neatcorner.stock.Sheet;

/** Turns blocks on sheets into places and numbered cuts, the longest cuts first. */
final class SheetPlan {
    private final SheetNesting nesting;
    private final List<SheetLayout.Cut> sheets = new ArrayList<>();

    SheetPlan(SheetNesting nesting) {
        this.nesting = nesting;
    }

    int count() {
        return sheets.stream().mapToInt(SheetLayout.Cut::times).sum();
    }

    void add(int stock, Block block) {
        Cutting cutting = new Cutting();
        Sheet sheet = nesting.sheets().get(stock);
        long trim = nesting.trim(stock);
        cutting.trim(sheet, trim);
        cutting.takeApart(block, trim, trim, sheet.width().units() - trim, sheet.height().units() - trim);
        SheetLayout.Cut cut = new SheetLayout.Cut(stock, 1, cutting.panels, cutting.cuts, cutting.left);
        for (int i = 0; i < sheets.size(); i++) {
            SheetLayout.Cut other = sheets.get(i);
            if (other.stock() == stock && other.panels().equals(cut.panels())) {
                sheets.set(i, new SheetLayout.Cut(stock, other.times() + 1, other.panels(), other.cuts(),
                        other.left()));
                return;
            }
        }
        sheets.add(cut);
    }

    SheetLayout layout(int unplaced, int bound, boolean proved, String proof) {
        return new SheetLayout(sheets, unplaced, unplaced > 0 ? 0 : bound, proved && unplaced == 0, proof);
    }

    private final class Cutting {
        final List<PlacedPanel> panels = new ArrayList<>();
        final List<SheetCut> cuts = new ArrayList<>();
        final List<Opening> left = new ArrayList<>();

        /** Bruised edges come off first, where there is a trim. */
        void trim(Sheet sheet, long trim) {
            if (trim <= 0) {
                return;
            }
            long w = sheet.width().units();
            long h = sheet.height().units();
            long kerf = nesting.kerf().units();
            cut(true, trim - kerf, 0, h, trim - kerf);
            cut(true, w - trim, 0, h, trim - kerf);
            cut(false, trim - kerf, trim, w - trim, trim - kerf);
            cut(false, h - trim, trim, w - trim, trim - kerf);
        }

        private void cut(boolean upright, long at, long from, long to, long strip) {
            cuts.add(new SheetCut(cuts.size() + 1, upright, new Length(at), new Length(from), new Length(to),
                    new Length(strip)));
        }

        private void leave(long width, long height) {
            if (width > 0 && height > 0) {
                left.add(new Opening(new Length(width), new Length(height)));
            }
        }

        /** First to the block's own size, the longer way of waste first; then between its two blocks, and so on. */
        void takeApart(Block block, long x, long y, long right, long bottom) {
            long kerf = nesting.kerf().units();
            boolean wide = right - x - block.width() > bottom - y - block.height();
            long toRight = right;
            long toBottom = bottom;
            for (int i = 0; i < 2; i++) {
                if ((i == 0) == wide && x + block.width() < toRight) {
                    cut(true, x + block.width(), y, toBottom,
                            Math.min(block.width(), Math.max(0, toRight - x - block.width() - kerf)));
                    leave(toRight - x - block.width() - kerf, toBottom - y);
                    toRight = x + block.width();
                } else if ((i == 0) != wide && y + block.height() < toBottom) {
                    cut(false, y + block.height(), x, toRight,
                            Math.min(block.height(), Math.max(0, toBottom - y - block.height() - kerf)));
                    leave(toRight - x, toBottom - y - block.height() - kerf);
                    toBottom = y + block.height();
                }
            }
            Block first = block.first();
            Block second = block.second();
            if (first == null || second == null) {
                panels.add(new PlacedPanel(block.panel(), new Length(x), new Length(y), new Length(block.width()),
                        new Length(block.height()), block.turned()));
            } else if (block.beside()) {
                cut(true, x + first.width(), y, y + block.height(), Math.min(first.width(), second.width()));
                takeApart(first, x, y, x + first.width(), y + block.height());
                takeApart(second, x + first.width() + kerf, y, x + block.width(), y + block.height());
            } else {
                cut(false, y + first.height(), x, x + block.width(), Math.min(first.height(), second.height()));
                takeApart(first, x, y, x + block.width(), y + first.height());
                takeApart(second, x, y + first.height() + kerf, x + block.width(), y + block.height());
            }
        }
    }
}
