package bersaglio.server;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.file.DirectoryStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.function.Consumer;
import org.springframework.util.FileSystemUtils;

/** The demo club as it is after it was made, for all processes of one build: the first that needs it makes it. */
final class DemoFolder {

    /** Named after the build, so that none is of classes that have changed since. */
    private static final String OF_THE_BUILD = System.getProperty("demo.folder");

    private final Consumer<Path> maker;
    private Path made;

    /** @param maker fills an empty folder */
    DemoFolder(Consumer<Path> maker) {
        this.maker = maker;
    }

    synchronized Path made() throws IOException {
        if (made == null && OF_THE_BUILD == null) {
            made = make();
        } else if (made == null) {
            made = ofTheBuild(Path.of(OF_THE_BUILD));
        }
        return made;
    }

    /** Not in a build folder: no server takes its data there. */
    private Path make() throws IOException {
        Path own = Files.createTempDirectory("club");
        maker.accept(own);
        return own;
    }

    private Path ofTheBuild(Path folder) throws IOException {
        Path all = Files.createDirectories(folder.getParent());
        try (FileChannel door =
                FileChannel.open(all.resolve("lock"), StandardOpenOption.CREATE, StandardOpenOption.WRITE)) {
            door.lock();
            if (!Files.exists(folder)) {
                emptyOfFolders(all);
                Path half = all.resolve("half");
                Path own = make();
                FileSystemUtils.copyRecursively(own, half);
                FileSystemUtils.deleteRecursively(own);
                Files.move(half, folder);
            }
        }
        return folder;
    }

    private static void emptyOfFolders(Path all) throws IOException {
        try (DirectoryStream<Path> earlier = Files.newDirectoryStream(all, Files::isDirectory)) {
            for (Path one : earlier) {
                FileSystemUtils.deleteRecursively(one);
            }
        }
    }
}
