package neatcorner.reference;

import static org.junit.jupiter.api.Assertions.assertEquals;

import java.util.Arrays;
import java.util.List;
import neatcorner.measure.Length;
import neatcorner.stock.Allowances;
import neatcorner.stock.BoardMilling;
import neatcorner.stock.RoughBoard;
import org.junit.jupiter.api.Test;

/** How many sticks a rough board gives, against every number of lengths it could be cut to, flat and on edge. */
class BoardsMilledTest {

    @Test
    void aBoardGivesAsManyPiecesAsAnyNumberOfLengthsWould() {
        Cases.of("boards", random -> {
            double[] board = {300 + random.nextInt(3700), 40 + random.nextInt(260), 18 + random.nextInt(60),
                random.nextInt(10)};
            double width = 15 + random.nextInt(50);
            double thickness = 8 + random.nextInt(30);
            double longest = 120 + random.nextInt(900);
            check(board, width, thickness, longest);
        });
    }

    /** Bow is what makes short lengths pay: two layers where a longer board gives one. Seven lengths of 13 sticks, not six. */
    @Test
    void thereIsNoEndToTheLengthsABoardIsCutTo() {
        double[] board = {2450, 14 * 20 + 13 * 3 + 2, 41, 100};
        BoardMilling milling = milled(board, 20, 16, 320);
        assertEquals(7, milling.cuts().getFirst().lengths());
        check(board, 20, 16, 320);
    }

    private static BoardMilling milled(double[] board, double width, double thickness, double longest) {
        return BoardMilling.of(new RoughBoard("board", Length.mm(board[0]), Length.mm(board[1]), Length.mm(board[2]),
                Length.mm(board[3]), 1, null, List.of()), Length.mm(width), Length.mm(thickness), Length.mm(longest),
                Allowances.USUAL);
    }

    /** Pieces of the longest kind: each stick holds one or several. Allowances of common practice, written out. */
    private static void check(double[] board, double width, double thickness, double longest) {
        long most = 0;
        for (int lengths = 1; lengths < 100; lengths++) {
            double rough = board[0] / lengths;
            double stick = rough - 25;
            if (stick < longest - 1e-9) {
                break;
            }
            double bow = board[3] / lengths / lengths;
            for (double[] lying : new double[][]{{width, thickness}, {thickness, width}}) {
                double jointed = board[2] - 2 - bow;
                long layers = (long) Math.floor((jointed + 3.5) / (lying[1] + 1.5 + 3.5) + 1e-9);
                long strips = (long) Math.floor((board[1] - 2 + 3) / (lying[0] + 3) + 1e-9);
                if (layers > 0 && strips > 0) {
                    most = Math.max(most, lengths * layers * strips * (long) Math.floor(stick / longest + 1e-9));
                }
            }
        }
        BoardMilling milling = milled(board, width, thickness, longest);
        long given = milling.cuts().stream()
                .mapToLong(cut -> cut.sticks() * (long) Math.floor(cut.stick().toMm() / longest + 1e-9)).sum();
        assertEquals(most, given, () -> Arrays.toString(board) + " " + width + " × " + thickness + ", "
                + longest);
    }
}
