package rhombus.server;

import org.apache.ibatis.annotations.Mapper;
import org.mybatis.spring.annotation.MapperScan;
import org.springframework.boot.SpringApplication;
import org.springframework.boot.autoconfigure.SpringBootApplication;

/** The server. */
@SpringBootApplication
@MapperScan(basePackages = "rhombus.server", annotationClass = Mapper.class)
public class RhombusApplication {
    /** Starts the server. */
    public static void main(String[] args) {
        SpringApplication.run(RhombusApplication.class, args);
    }
}
