package bersaglio.server.storage;

import java.util.Optional;
import org.springframework.jdbc.core.simple.JdbcClient;
import org.springframework.stereotype.Repository;

/** Small facts about the data itself. */
@Repository
public class SettingStore {

    private final JdbcClient jdbc;

    SettingStore(JdbcClient jdbc) {
        this.jdbc = jdbc;
    }

    public Optional<String> find(String name) {
        return jdbc.sql("select value_text from setting where name = :name")
                .param("name", name)
                .query(String.class)
                .optional();
    }

    public void put(String name, String value) {
        jdbc.sql(
                        """
                        merge into setting using (values (:name, :value)) as given (name, value_text)
                        on setting.name = given.name
                        when matched then update set value_text = given.value_text
                        when not matched then insert (name, value_text) values (given.name, given.value_text)
                        """)
                .param("name", name)
                .param("value", value)
                .update();
    }
}
