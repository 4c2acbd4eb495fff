/** Open formats, in and out: jobs and plans as JSON, lists as CSV, figures as SVG, the whole job on paper as PDF. */
module neatcorner.exchange {
    requires com.fasterxml.jackson.core;
    requires java.desktop;
    requires java.logging;
    requires java.xml;
    requires org.apache.commons.csv;
    requires org.apache.commons.logging;
    requires org.apache.fontbox;
    requires org.apache.pdfbox;
    requires transitive neatcorner.core;
    requires static org.jspecify;

    exports neatcorner.exchange;
    exports neatcorner.exchange.csv;
    exports neatcorner.exchange.form;
    exports neatcorner.exchange.job;
    exports neatcorner.exchange.json;
    exports neatcorner.exchange.paper;
    exports neatcorner.exchange.plan;
    exports neatcorner.exchange.station.glueup;
    exports neatcorner.exchange.template;
}
