package bersaglio.server.backup;

import bersaglio.server.files.CannotStart;
import bersaglio.server.files.ClubFiles;
import java.nio.ByteBuffer;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.h2.engine.Database;
import org.h2.mvstore.DataUtils;
import org.h2.mvstore.MVMap;
import org.h2.mvstore.MVStore;
import org.h2.mvstore.WriteBuffer;
import org.h2.mvstore.db.ValueDataType;
import org.h2.mvstore.tx.TransactionMap;
import org.h2.mvstore.tx.TransactionStore;
import org.h2.mvstore.type.BasicDataType;
import org.h2.mvstore.type.DataType;
import org.h2.mvstore.type.MetaType;
import org.h2.mvstore.type.StringDataType;
import org.h2.result.Row;

/**
 * The statements that a database runs when its file is opened: it keeps its tables as the statements that made them. In a
 * file from elsewhere they can be anything, a function with Java in it among them. So they are read from the file as plain
 * data, and a club has only tables of plain columns, their keys and indexes, its two users and three settings.
 */
final class StoredStatements {

    private static final String WITH_VERSIONS = "org.h2.mvstore.tx.VersionedValueType$Factory";

    /** Types of the stored values of a club. Another one would be a class that is loaded by its name. */
    private static final Set<String> TYPES = Set.of(
            "org.h2.mvstore.db.LobStorageMap$BlobMeta$Type",
            "org.h2.mvstore.db.LobStorageMap$BlobReference$Type",
            "org.h2.mvstore.db.NullValueDataType",
            "org.h2.mvstore.db.RowDataType$Factory",
            "org.h2.mvstore.db.ValueDataType$Factory",
            WITH_VERSIONS,
            "org.h2.mvstore.type.ByteArrayDataType",
            "org.h2.mvstore.type.LongDataType",
            "org.h2.mvstore.type.StringDataType");

    private static final String NAME = "\"[A-Za-z0-9_]+\"";
    private static final String TABLE = "\"PUBLIC\"\\." + NAME;
    private static final String COLUMNS = "\\(" + NAME + "(?: NULLS FIRST)?(?:, " + NAME + "(?: NULLS FIRST)?)*\\)";
    private static final String INDEX = " INDEX " + TABLE;
    private static final String COLUMN = NAME
            + " (?:INTEGER|BIGINT|BOOLEAN|UUID|DOUBLE PRECISION|TIMESTAMP|(?:CHARACTER|BINARY) VARYING\\(\\d+\\))"
            + "(?: DEFAULT (?:-?\\d+|TRUE|FALSE|CURRENT_TIMESTAMP|X?'[^']*'))?(?: SELECTIVITY \\d+)?(?: NOT NULL)?";

    /** One blank stands for all space between words. */
    private static final Pattern KNOWN = Pattern.compile(String.join(
            "|",
            "CREATE CACHED TABLE " + TABLE + "\\( " + COLUMN + "(?:, " + COLUMN + ")* \\)",
            "CREATE (?:PRIMARY KEY|INDEX|UNIQUE NULLS DISTINCT INDEX) " + TABLE + " ON " + TABLE + COLUMNS,
            "ALTER TABLE " + TABLE + " ADD CONSTRAINT " + TABLE + " (?:PRIMARY KEY|UNIQUE NULLS DISTINCT ?)" + COLUMNS
                    + INDEX,
            "ALTER TABLE " + TABLE + " ADD CONSTRAINT " + TABLE + " FOREIGN KEY" + COLUMNS + INDEX + " REFERENCES "
                    + TABLE + COLUMNS + " NOCHECK",
            "CREATE USER IF NOT EXISTS \"(?:CLUB|READER)\" SALT '[0-9a-f]*' HASH '[0-9a-f]*'(?: ADMIN)?",
            "SET (?:CREATE_BUILD|RETENTION_TIME|WRITE_DELAY) \\d+",
            "GRANT SELECT ON SCHEMA \"PUBLIC\" TO \"READER\""));

    private static final Pattern SPACE = Pattern.compile("\\s+");
    private static final String TYPES_BY_NAME = "_";
    private static final String STATEMENTS = "table.0";
    private static final String UNDONE = "undoLog";
    private static final String PREPARED = "openTransactions";
    private static final int STATEMENT = 3;
    /** The longest of a club has some 1,200 signs; what is much longer is not even looked through. */
    private static final int LONGEST = 10_000;

    private StoredStatements() {}

    /**
     * Before the file is opened as a database.
     *
     * @throws CannotStart when anything in it is not a club's
     */
    static void requireThoseOfAClub(ClubFiles folder) {
        try {
            try (MVStore store = opened(folder)) {
                requireKnownTypes(store);
                requireSettled(store);
            }
            try (MVStore store = opened(folder)) {
                statements(store).forEach(StoredStatements::requireKnown);
            }
        } catch (RuntimeException broken) {
            // A damaged or spoilt file fails in many ways while it is read.
            throw CannotStart.because(
                    broken, folder.folder(), "The database in this backup is damaged. Take another backup.");
        }
    }

    private static MVStore opened(ClubFiles folder) {
        return new MVStore.Builder()
                .fileName(folder.database().toString())
                .readOnly()
                .open();
    }

    private static void requireKnownTypes(MVStore store) {
        MVMap<String, DataType<?>> types = store.openMap(
                TYPES_BY_NAME,
                new MVMap.Builder<String, DataType<?>>()
                        .keyType(StringDataType.INSTANCE)
                        .valueType(new KnownTypes()));
        types.keyIterator(null).forEachRemaining(types::get);
    }

    /** What was begun and not committed is put back when the file is opened, the statements themselves among it. */
    private static void requireSettled(MVStore store) {
        for (String map : store.getMapNames()) {
            if (map.startsWith(UNDONE) || map.equals(PREPARED)) {
                store.openMap(map, new MVMap.Builder<>().keyType(new Unread()).valueType(new Unread()))
                        .isEmpty();
            }
        }
    }

    private static List<String> statements(MVStore store) {
        TransactionStore transactions = new TransactionStore(store, new ValueDataType());
        transactions.init();
        TransactionMap<Long, Row> rows = transactions.begin().openMap(STATEMENTS);
        List<String> statements = new ArrayList<>();
        for (Iterator<Long> row = rows.keyIterator(null); row.hasNext(); ) {
            statements.add(rows.get(row.next()).getValue(STATEMENT).getString());
        }
        return statements;
    }

    private static void requireKnown(String statement) {
        Matcher plain = SPACE.matcher(statement.strip());
        if (statement.length() > LONGEST
                || !KNOWN.matcher(plain.replaceAll(" ")).matches()) {
            throw somethingElse();
        }
    }

    private static CannotStart somethingElse() {
        return new CannotStart(
                "The database in this backup holds something else than a club's tables, which could do harm."
                        + " It was not opened. Take a backup that ./bersaglio backup has made.");
    }

    /** Types whose values are only read. */
    private abstract static class Reading<T> extends BasicDataType<T> {

        @Override
        public int getMemory(T value) {
            return Integer.BYTES;
        }

        @Override
        public void write(WriteBuffer buffer, T value) {
            throw new IllegalStateException("read only");
        }

        @Override
        @SuppressWarnings("unchecked")
        public T[] createStorage(int size) {
            return (T[]) new Object[size];
        }
    }

    /** Where nothing may be. */
    private static final class Unread extends Reading<Object> {

        @Override
        public Object read(ByteBuffer buffer) {
            throw new CannotStart("The database in this backup was copied while it was written. Take another backup.");
        }
    }

    /** Reads the name of a type before the type itself, and loads only those that are known. */
    private static final class KnownTypes extends Reading<DataType<?>> {

        private final MetaType<Database> types = new MetaType<>(null, null);

        @Override
        public DataType<?> read(ByteBuffer buffer) {
            int from = buffer.position();
            String name = WITH_VERSIONS;
            // A value with versions names the type of its values next.
            while (name.equals(WITH_VERSIONS)) {
                name = DataUtils.readString(buffer, DataUtils.readVarInt(buffer));
                if (!TYPES.contains(name)) {
                    throw somethingElse();
                }
            }
            buffer.position(from);
            return types.read(buffer);
        }

        @Override
        public DataType<?>[] createStorage(int size) {
            return types.createStorage(size);
        }
    }
}
