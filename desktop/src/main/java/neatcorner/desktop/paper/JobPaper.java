package neatcorner.desktop.paper;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import javafx.print.PageLayout;
import javafx.print.PrinterJob;
import javafx.scene.image.ImageView;
import javafx.scene.image.PixelFormat;
import javafx.scene.image.WritableImage;
import javafx.stage.Window;
import neatcorner.desktop.desk.JobFolders;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.Workbench;
import neatcorner.desktop.document.Planning;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.paper.PageImage;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.paper.Photos;
import neatcorner.exchange.plan.Paper;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;

/** The papers of the job on a bench: to look at, to keep as a file, to print. */
final class JobPaper {
    /** What printers print at and eyes see no dots in. */
    private static final float FOR_PRINTER = 300;

    private JobPaper() {}

    /** Writes a paper of the plan that is shown, away from the window's thread, and says where it is. */
    static void save(Workbench bench, Paper kind) {
        save(bench, kind, PaperTexts.READY);
    }

    private static void save(Workbench bench, Paper kind, String ready) {
        Plan plan = bench.currentPlan();
        String name = JobFolders.fileName(plan.job().title()) + (kind == Paper.SHEET ? "" : "-" + kind.suffix())
                + ".pdf";
        Path file = bench.home().paper().resolve(name);
        PaperSize size = bench.settings().paper();
        Notation notation = bench.notation().get();
        Photos photos = Photos.in(bench.file().getParent());
        bench.files().make(() -> {
            Files.createDirectories(file.getParent());
            WholeFile.write(file, kind.write(plan, size, notation, photos));
            return file;
        }, written -> Notice.info(ready.formatted(file),
                new Notice.Action(PaperTexts.OPEN_IT, () -> bench.files().open(file))),
                PaperTexts.NOT_WRITTEN.formatted(file));
    }

    /** Prints a paper on a printer of this computer, after the maker chose which; without one its file is written. */
    static void print(Workbench bench, Paper kind, Window over) {
        PrinterJob job = PrinterJob.createPrinterJob();
        if (job == null) {
            save(bench, kind, PaperTexts.NO_PRINTER);
        } else if (job.showPrintDialog(over)) {
            print(bench, kind, job);
        }
    }

    private static void print(Workbench bench, Paper kind, PrinterJob job) {
        Plan plan = bench.currentPlan();
        PaperSize size = bench.settings().paper();
        Notation notation = bench.notation().get();
        Photos photos = Photos.in(bench.file().getParent());
        bench.planning().ask(Planning.Pace.SLOW,
                search -> PageImage.of(kind.write(plan, size, notation, photos), FOR_PRINTER),
                pages -> bench.say(send(pages, job)
                        ? PaperTexts.ON_ITS_WAY.formatted(job.getPrinter().getName())
                        : PaperTexts.NOT_TAKEN),
                bench::fault);
    }

    /** At full size: nothing is fitted to the page. */
    private static boolean send(List<PageImage> pages, PrinterJob job) {
        PageLayout layout = job.getPrinter().createPageLayout(job.getJobSettings().getPageLayout().getPaper(),
                job.getJobSettings().getPageLayout().getPageOrientation(), 0, 0, 0, 0);
        for (PageImage page : pages) {
            ImageView view = new ImageView(image(page));
            view.setFitWidth(page.width() * 72 / FOR_PRINTER);
            view.setPreserveRatio(true);
            view.setTranslateX(-layout.getLeftMargin());
            view.setTranslateY(-layout.getTopMargin());
            if (!job.printPage(layout, view)) {
                return false;
            }
        }
        return job.endJob();
    }

    /** A page's picture for the window. */
    static WritableImage image(PageImage page) {
        WritableImage image = new WritableImage(page.width(), page.height());
        image.getPixelWriter().setPixels(0, 0, page.width(), page.height(), PixelFormat.getIntArgbInstance(),
                page.pixels(), 0, page.width());
        return image;
    }
}
