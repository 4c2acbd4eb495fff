import java.nio.file.Path;
import java.util.Comparator;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import javax.xml.parsers.DocumentBuilderFactory;
import org.w3c.dom.Element;
import org.w3c.dom.NodeList;

/** Says how many of the spoiled places of a package its tests noticed, and lists those that they did not. */
final class Noticed {
    private static final Set<String> NOTICED = Set.of("KILLED", "TIMED_OUT", "MEMORY_ERROR");

    private Noticed() {}

    private record Place(String file, int line, String method, String what, String status) {

        boolean isNoticed() {
            return NOTICED.contains(status);
        }
    }

    public static void main(String[] report) throws Exception {
        NodeList all = DocumentBuilderFactory.newInstance().newDocumentBuilder().parse(Path.of(report[0]).toFile())
                .getElementsByTagName("mutation");
        List<Place> places = IntStream.range(0, all.getLength()).mapToObj(i -> (Element) all.item(i))
                .map(each -> new Place(text(each, "sourceFile"), Integer.parseInt(text(each, "lineNumber")),
                        text(each, "mutatedMethod"), text(each, "description"), each.getAttribute("status")))
                .toList();
        places.stream().filter(place -> !place.isNoticed())
                .sorted(Comparator.comparing(Place::file).thenComparingInt(Place::line))
                .forEach(place -> System.out.printf("%s:%d %s: %s%s%n", place.file, place.line, place.method, place.what,
                        place.status.equals("SURVIVED") ? "" : " (" + place.status + ")"));
        long noticed = places.stream().filter(Place::isNoticed).count();
        System.out.printf("%d of %d noticed, %.1f %%%n", noticed, places.size(), 100.0 * noticed / Math.max(1, places.size()));
    }

    private static String text(Element mutation, String name) {
        return mutation.getElementsByTagName(name).item(0).getTextContent();
    }
}
