package bersaglio.server;

import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;
import org.springframework.boot.context.properties.ConfigurationPropertiesScan;

/** The server: stores what was charted, decides results by replay, serves the page. */
@SpringBootApplication
@ConfigurationPropertiesScan
public class Bersaglio {

    public static void main(String[] args) {
        SpringApplication.run(Bersaglio.class, args);
    }
}
