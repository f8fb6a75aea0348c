package rhombus.server.common;

import org.springframework.stereotype.Controller;
import org.springframework.web.bind.annotation.GetMapping;

/** Addresses of the front end: all of them load the same page, which finds its way by itself. */
@Controller
public class PageRoutes {
    @GetMapping({"/", "/sign-in", "/account", "/scenes", "/scenes/{id}"})
    String page() {
        return "forward:/index.html";
    }
}
