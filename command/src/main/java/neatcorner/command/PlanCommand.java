package neatcorner.command;

import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.FileSystemException;
import java.nio.file.Files;
import java.nio.file.LinkOption;
import java.nio.file.NoSuchFileException;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;
import java.util.stream.Stream;
import neatcorner.drawing.Figure;
import neatcorner.exchange.BadFile;
import neatcorner.exchange.PlainText;
import neatcorner.exchange.WholeFile;
import neatcorner.exchange.csv.CutListCsv;
import neatcorner.exchange.job.JobFile;
import neatcorner.exchange.paper.PaperSize;
import neatcorner.exchange.paper.Photos;
import neatcorner.exchange.paper.SvgPainter;
import neatcorner.exchange.plan.Paper;
import neatcorner.exchange.plan.PaperPdf;
import neatcorner.exchange.plan.PlanJson;
import neatcorner.exchange.template.Templates;
import neatcorner.job.Job;
import neatcorner.measure.Notation;
import neatcorner.piece.Piece;
import neatcorner.plan.Finding;
import neatcorner.plan.Plan;
import neatcorner.planner.Batch;
import neatcorner.planner.Planner;
import neatcorner.saw.SawSetting;
import neatcorner.station.opening.OpeningFigure;
import neatcorner.station.saw.SawWords;
import neatcorner.station.section.SectionFigure;
import neatcorner.station.shape.TemplateFigure;
import neatcorner.station.sticks.SticksFigure;
import neatcorner.stock.CutStick;
import neatcorner.stock.Search;
import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

/** {@code plan JOB.json}: works a job out and prints the plan, or writes it to a folder as files. */
@Command(name = "plan", mixinStandardHelpOptions = true, description = "Works out a job: sizes, cut list, sticks, saw settings, findings.")
final class PlanCommand implements Callable<Integer> {
    @Parameters(paramLabel = "JOB.json", arity = "1..*", description = "the job; with --together, several")
    private List<Path> jobs = List.of();

    @Option(names = "--together", description = "cut all jobs of the first one's section together, from its rack")
    private boolean together;

    @Option(names = "--json", description = "print the plan as JSON")
    private boolean json;

    @Option(names = "--out", paramLabel = "DIR", description = "write paper (PDF), cut list (CSV), drawings (SVG) and plan there")
    private @Nullable Path out;

    @Option(names = "--paper", paramLabel = "SIZE", description = "A4 (the default), A5 or LETTER")
    private PaperSize paper = PaperSize.A4;

    private final Search patience = new Deadline();

    @Override
    public Integer call() {
        if (jobs.size() > 1 && !together) {
            NeatCorner.complain("one job at a time, or several with --together");
            return NeatCorner.BAD_INPUT;
        }
        Path file = jobs.getFirst();
        try {
            JobFile read = NeatCorner.read(file);
            List<Job> others = new ArrayList<>();
            for (Path other : jobs.subList(1, jobs.size())) {
                file = other;
                Job job = NeatCorner.read(other).job();
                if (!Batch.areAlike(read.job(), job)) {
                    NeatCorner.complain(other + ": has another section than the first job; cut it by itself");
                    return NeatCorner.BAD_INPUT;
                }
                others.add(job);
            }
            Plan plan = together
                    ? Batch.plan(read.job(), others, read.madeIn().shop(), patience)
                    : Planner.plan(read.job(), read.madeIn().shop(), patience);
            Notation notation = Notation.of(plan.job().units());
            Path folder = out;
            if (folder != null) {
                writeFiles(plan, notation, folder);
            }
            PrintStream print = System.out;
            if (json) {
                print.print(PlanJson.write(plan, notation, patience));
            } else {
                print(plan, notation, print);
            }
            print.flush();
            return plan.canBeMade() && plan.layout().isComplete() ? NeatCorner.FINE : NeatCorner.CANNOT_BE_MADE;
        } catch (BadFile e) {
            NeatCorner.complain(file + ": " + e.getMessage());
        } catch (NoSuchFileException e) {
            NeatCorner.complain(e.getFile() + ": there is no such file or folder");
        } catch (IOException e) {
            NeatCorner.complain(NeatCorner.which(e, file) + ": cannot be read or written");
        }
        return NeatCorner.BAD_INPUT;
    }

    /** All files or none: they are written beside each other first, and take their places when all are there. */
    private void writeFiles(Plan plan, Notation notation, Path folder) throws IOException {
        Files.createDirectories(folder);
        Path made = Files.createTempDirectory(folder, ".neat-corner-");
        try {
            write(made.resolve("plan.json"), PlanJson.write(plan, notation, patience));
            write(made.resolve("cut-list.csv"), CutListCsv.write(plan, notation));
            svg(made.resolve("front.svg"), OpeningFigure.of(plan), notation);
            svg(made.resolve("section.svg"), SectionFigure.of(plan), notation);
            svg(made.resolve("sticks.svg"), SticksFigure.of(plan), notation);
            WholeFile.write(made.resolve("paper.pdf"), PaperPdf.write(plan, paper, notation, patience));
            WholeFile.write(made.resolve("labels.pdf"), Paper.LABELS.write(plan, paper, notation, Photos.NONE));
            WholeFile.write(made.resolve("full-size.pdf"), Paper.FULL_SIZE.write(plan, paper, notation, Photos.NONE));
            if (!TemplateFigure.sheets(plan).isEmpty()) {
                Templates.write(plan, made, "template", paper, notation);
            }
            takePlaces(made, folder);
        } finally {
            for (Path left : files(made)) {
                Files.delete(left);
            }
            Files.delete(made);
        }
    }

    private static void takePlaces(Path made, Path folder) throws IOException {
        for (Path file : files(made)) {
            Path place = folder.resolve(file.getFileName());
            if (Files.exists(place) && !Files.isRegularFile(place)) {
                throw new FileSystemException(place.toString(), null, "is not a file");
            }
        }
        for (Path file : files(made)) {
            Path place = folder.resolve(file.getFileName());
            if (Files.exists(place, LinkOption.NOFOLLOW_LINKS)) {
                WholeFile.write(place, Files.readAllBytes(file));
            } else {
                Files.move(file, place);
            }
        }
    }

    private static List<Path> files(Path folder) throws IOException {
        try (Stream<Path> files = Files.list(folder)) {
            return files.sorted().toList();
        }
    }

    private static void svg(Path file, Figure figure, Notation notation) throws IOException {
        write(file, SvgPainter.write(figure, 960, 640, notation));
    }

    private static void write(Path file, String text) throws IOException {
        WholeFile.write(file, text.getBytes(StandardCharsets.UTF_8));
    }

    private static void print(Plan plan, Notation notation, PrintStream print) {
        print.println(PlainText.line(plan.job().title()));
        for (Finding finding : plan.findings()) {
            print.println("  " + finding.level().code().toUpperCase(Locale.ROOT) + "  " + finding.code() + "  "
                    + PlainText.line(finding.message().in(notation)));
        }
        print.println("  outside " + notation.bare(plan.sizes().outside().width()) + " × "
                + notation.text(plan.sizes().outside().height()));
        for (Piece piece : plan.allPieces()) {
            print.println("  " + piece.name() + "  " + piece.place().words() + "  × " + plan.job().quantity()
                    + "  long "
                    + notation.text(piece.longPoint()) + "  short " + notation.text(piece.shortPoint()) + "  miters "
                    + notation.text(piece.left().miter()) + " / " + notation.text(piece.right().miter()));
        }
        for (CutStick stick : plan.layout().sticks()) {
            print.println("  " + PlainText.line(stick.label()) + ": "
                    + String.join(" ", stick.cuts().stream()
                            .map(cut -> cut.label(plan.job().quantity()) + "@" + notation.bare(cut.at())).toList())
                    + "  offcut " + notation.text(stick.offcut()));
        }
        print.println("  " + NestCommand.sticks(plan.layout().sticks().size()) + ", "
                + (plan.layout().proved() ? "proved least: " : "not proved least: ") + plan.layout().proof());
        for (SawSetting setting : plan.settings()) {
            print.println("  " + SawWords.of(plan.job().saw(), plan.cutOf(setting), stands -> stands + "; stop {3}"
                    + SawWords.points(setting) + ": " + String.join(", ", setting.pieces()), setting.stop())
                    .in(notation));
        }
    }
}
