package neatcorner.desktop.paper;

import java.nio.file.Files;
import java.nio.file.Path;
import neatcorner.desktop.desk.JobFolders;
import neatcorner.desktop.desk.Notice;
import neatcorner.desktop.desk.Workbench;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.plan.PaperPdf;
import neatcorner.measure.Notation;
import neatcorner.plan.Plan;

/** The paper of the job on a bench. */
public final class JobPaper {

    private JobPaper() {}

    /** Writes the paper of the plan that is shown, away from the window's thread, and says where it is. */
    public static void make(Workbench bench) {
        Plan plan = bench.currentPlan();
        Path file = bench.home().paper().resolve(JobFolders.fileName(plan.job().title()) + ".pdf");
        PaperSize paper = bench.settings().paper();
        Notation notation = bench.notation().get();
        bench.files().make(() -> {
            Files.createDirectories(file.getParent());
            WholeFile.write(file, PaperPdf.write(plan, paper, notation));
            return file;
        }, written -> Notice.info("The paper is ready to print: " + file,
                new Notice.Action("Open it", () -> bench.files().open(file))),
                "The paper could not be written to " + file + ".");
    }
}
