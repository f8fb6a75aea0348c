package rhombus.boundary;

/**
 * How the page's calls reach the compiled core. The compiler wraps every method of an object in a function that puts its
 * arguments into two new arrays; that costs more than most calls themselves, a microsecond with each event and each picture.
 */
final class Calls {
    private static final String SLOW =
            "=f=>function(){return f.apply(null,[this].concat(Array.prototype.slice.call(arguments)));}";
    private static final String QUICK = "=f=>function(...a){return f(this,...a);}";

    private Calls() {}

    /**
     * The compiled core with a wrapper that passes its arguments on as they come.
     *
     * @throws IllegalArgumentException if the compiler writes its wrapper in another way
     */
    static String quick(String compiled) {
        if (compiled.contains(QUICK)) {
            return compiled;
        }
        if (compiled.indexOf(SLOW) < 0 || compiled.indexOf(SLOW) != compiled.lastIndexOf(SLOW)) {
            throw new IllegalArgumentException("The compiler wraps methods in another way than before: look for what "
                    + "takes `this` as the first argument, measure a call, and mend or drop this step.");
        }
        return compiled.replace(SLOW, QUICK);
    }
}
