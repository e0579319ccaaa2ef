package bersaglio.browser.build;

import bersaglio.browser.Chart;
import bersaglio.browser.Face;
import bersaglio.browser.Match;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.lang.reflect.Method;
import java.lang.reflect.Modifier;
import java.lang.reflect.Parameter;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.zip.GZIPOutputStream;
import org.teavm.jso.JSExport;

/** Makes the compiled rules an npm package: writes its types from {@code @JSExport}, and holds it to its size. */
public final class PackRules {

    private static final int MOST_BYTES_PACKED = 300_000;
    private static final int WORTH_SAYING = 2_000;

    private PackRules() {}

    public static void main(String[] args) throws IOException {
        Path folder = Path.of(args[0]);
        Files.writeString(folder.resolve("rules.d.ts"), types(Face.class, Chart.class, Match.class));
        Files.writeString(
                folder.resolve("package.json"),
                """
                {
                  "name": "@bersaglio/rules",
                  "version": "0.1.0",
                  "private": true,
                  "type": "module",
                  "exports": {
                    ".": { "types": "./rules.d.ts", "default": "./rules.js" }
                  }
                }
                """);
        weigh(folder);
        requireSmall("rules.js", Files.readAllBytes(folder.resolve("rules.js")));
    }

    /** Says what each package weighs; the map that tells it is no part of the package. */
    private static void weigh(Path folder) throws IOException {
        Path map = folder.resolve("rules.js.map");
        if (!Files.exists(map)) {
            return;
        }
        Path module = folder.resolve("rules.js");
        String code = Files.readString(module);
        Map<String, Integer> weights = Weights.of(code, Files.readString(map));
        weights.forEach((name, characters) -> {
            if (characters >= WORTH_SAYING) {
                System.out.printf(
                        "  %6.1f kB %4.1f %%  %s%n", characters / 1000.0, 100.0 * characters / code.length(), name);
            }
        });
        Files.writeString(module, code.replaceAll("\n?//# sourceMappingURL=.*", ""));
        Files.delete(map);
    }

    private static void requireSmall(String name, byte[] module) throws IOException {
        int packed = packedSize(module);
        System.out.printf("%s: %d bytes, %d packed, bound %d%n", name, module.length, packed, MOST_BYTES_PACKED);
        if (packed > MOST_BYTES_PACKED) {
            throw new IllegalStateException(name + " is larger than its bound");
        }
    }

    private static int packedSize(byte[] module) throws IOException {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        try (GZIPOutputStream zip = new GZIPOutputStream(out)) {
            zip.write(module);
        }
        return out.size();
    }

    /** @param instances classes whose instances cross to the page */
    private static String types(Class<?> face, Class<?>... instances) {
        StringBuilder types = new StringBuilder("// Written by the build from the exported methods.\n");
        for (Class<?> instance : instances) {
            types.append("export interface ").append(instance.getSimpleName()).append(" {\n");
            exported(instance)
                    .forEach(method ->
                            types.append("  ").append(signature(method)).append(";\n"));
            types.append("}\n");
        }
        for (Method method : exported(face)) {
            types.append("export function ").append(signature(method)).append(";\n");
        }
        return types.toString();
    }

    private static List<Method> exported(Class<?> owner) {
        return Arrays.stream(owner.getDeclaredMethods())
                .filter(method -> Modifier.isPublic(method.getModifiers()))
                .filter(method -> method.isAnnotationPresent(JSExport.class))
                .sorted(Comparator.comparing(Method::getName))
                .toList();
    }

    private static String signature(Method method) {
        String parameters = Arrays.stream(method.getParameters())
                .map((Parameter parameter) -> parameter.getName() + ": " + type(parameter.getType()))
                .collect(Collectors.joining(", "));
        return method.getName() + "(" + parameters + "): " + type(method.getReturnType());
    }

    private static String type(Class<?> type) {
        if (type == String.class) {
            return "string";
        }
        if (type == int.class || type == double.class) {
            return "number";
        }
        if (type == boolean.class || type == void.class) {
            return type.getName();
        }
        if (type == Chart.class || type == Match.class) {
            return type.getSimpleName();
        }
        throw new IllegalArgumentException("no type in the page for " + type);
    }
}
