package bersaglio.format;

import static org.assertj.core.api.Assertions.assertThat;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonObject;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import javax.tools.Diagnostic;
import javax.tools.DiagnosticCollector;
import javax.tools.JavaCompiler;
import javax.tools.JavaFileObject;
import javax.tools.StandardJavaFileManager;
import javax.tools.ToolProvider;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

/** Records as somebody might write them, compiled with the processor. */
class FormatProcessorTest {

    private static final Path SOURCES = Path.of("src", "test", "resources", "bersaglio", "format");

    @TempDir
    private Path folder;

    private final List<String> errors = new ArrayList<>();

    /** The stand-ins for what the formats use, and one source that asks for formats. */
    private boolean compiles(String shapes) throws IOException {
        Path asking = Files.writeString(folder.resolve("Shapes.java"), shapes);
        JavaCompiler compiler = ToolProvider.getSystemJavaCompiler();
        DiagnosticCollector<JavaFileObject> said = new DiagnosticCollector<>();
        try (StandardJavaFileManager files =
                compiler.getStandardFileManager(said, Locale.ROOT, StandardCharsets.UTF_8)) {
            List<Path> sources = new ArrayList<>(List.of(asking));
            try (var known = Files.list(SOURCES)) {
                known.forEach(sources::add);
            }
            JavaCompiler.CompilationTask task = compiler.getTask(
                    null,
                    files,
                    said,
                    List.of("-d", folder.toString(), "-implicit:none"),
                    null,
                    files.getJavaFileObjectsFromPaths(sources));
            task.setProcessors(List.of(new FormatProcessor()));
            boolean done = task.call();
            said.getDiagnostics().stream()
                    .filter(one -> one.getKind() == Diagnostic.Kind.ERROR)
                    .forEach(one -> errors.add(one.getMessage(Locale.ROOT)));
            return done;
        }
    }

    private JsonObject schemas() throws IOException {
        return Json.parse(Files.readString(folder.resolve("bersaglio/wire/schemas.json")))
                .asObject();
    }

    private static String asking(String body) {
        return """
                package made.up;
                import bersaglio.core.format.*;
                import java.util.*;
                @bersaglio.wire.Formats({Shapes.Wish.class})
                public interface Shapes {
                %s
                }
                """
                .formatted(body);
    }

    @Test
    void aFamilyIsToldWithItsKindsAndWhatEachOfThemHas() throws IOException {
        boolean done = compiles(
                asking(
                        """
                @Family sealed interface Wish {}
                @Kind("COUNT") record Count(int hits, @Usually("0") int balls) implements Wish {}
                @Kind("NAMED") record Named(String name, Optional<String> note, @Flat Where where) implements Wish {}
                record Where(double x, @Called("deep") double y) {}
                """));
        assertThat(errors).isEmpty();
        assertThat(done).isTrue();
        JsonObject wish = schemas().get("ShapesWish").asObject();
        assertThat(wish.get("properties").asObject().names())
                .containsExactlyInAnyOrder("kind", "hits", "balls", "name", "note", "x", "deep");
        assertThat(wish.get("required").asArray()).containsExactly(Json.value("kind"));
        assertThat(schemas().get("ShapesWish").toString()).contains("\"enum\":[\"COUNT\",\"NAMED\"]");
    }

    @Test
    void aForgottenKindDoesNotCompile() throws IOException {
        assertThat(
                        compiles(
                                asking(
                                        """
                        @Family sealed interface Wish {}
                        @Kind("COUNT") record Count(int hits) implements Wish {}
                        record Named(String name) implements Wish {}
                        """)))
                .isFalse();
        assertThat(errors).singleElement().asString().contains("Named does not say which kind of", "Wish it is");
    }

    @Test
    void twoKindsOfOneNameDoNotCompile() throws IOException {
        assertThat(
                        compiles(
                                asking(
                                        """
                        @Family sealed interface Wish {}
                        @Kind("COUNT") record Count(int hits) implements Wish {}
                        @Kind("COUNT") record Named(String name) implements Wish {}
                        """)))
                .isFalse();
        assertThat(errors).singleElement().asString().contains("are both called COUNT");
    }

    @Test
    void twoFieldsOfOneNameDoNotCompileAlsoWhereOneStandsFlat() throws IOException {
        assertThat(
                        compiles(
                                asking(
                                        """
                        record Wish(int team, @Flat Who who) {}
                        record Who(String name, @Called("team") int side) {}
                        """)))
                .isFalse();
        assertThat(errors).singleElement().asString().contains("Wish has two fields called team");
    }

    @Test
    void whatNobodyCanReadDoesNotCompile() throws IOException {
        assertThat(compiles(asking("record Wish(Thread when) {}"))).isFalse();
        assertThat(errors).singleElement().asString().contains("java.lang.Thread");
    }

    @Test
    void aFamilyThatIsNotSaidToBeOneDoesNotCompile() throws IOException {
        assertThat(
                        compiles(
                                asking(
                                        """
                        sealed interface Wish {}
                        @Kind("COUNT") record Count(int hits) implements Wish {}
                        """)))
                .isFalse();
        assertThat(errors).singleElement().asString().contains("is not said to be a family");
    }

    @Test
    void familiesThatStandApartAreToldByTheirKindsAndNoTwoOfThemShareOne() throws IOException {
        String two =
                """
                interface Wish {}
                @Family(apart = true) sealed interface Counted extends Wish {}
                @Kind("COUNT") record Count(int hits) implements Counted {}
                @Family(apart = true) sealed interface Other extends Wish {}
                @Kind("%s") record Named(String name) implements Other {}
                """;
        assertThat(compiles(asking(two.formatted("NAMED"))
                        .replace("Shapes.Wish.class", "Shapes.Counted.class, Shapes.Other.class")))
                .as("%s", errors)
                .isTrue();
        assertThat(schemas().get("ShapesWish").toString())
                .contains("oneOf", "#/components/schemas/ShapesCount", "#/components/schemas/ShapesNamed");
        assertThat(compiles(asking(two.formatted("COUNT"))
                        .replace("Shapes.Wish.class", "Shapes.Counted.class, Shapes.Other.class")))
                .isFalse();
        assertThat(errors).singleElement().asString().contains("are both called COUNT");
    }
}
