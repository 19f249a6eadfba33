using System.Text.RegularExpressions;
using Kamuri.Browser.Tests.Driving;
using OpenQA.Selenium;

namespace Kamuri.Browser.Tests;

/// <summary>The household's own way of writing, read and typed.</summary>
public sealed class WritingTests(DemoServer server) : IClassFixture<DemoServer>
{
    [Fact]
    public void A_household_that_counts_twelve_hours_reads_and_types_them()
    {
        using var window = new Window(server.Process.Address);
        var tomorrow = DateTime.Now.AddDays(1).ToString("yyyy-MM-dd", null);
        window.Wish(
            DemoServer.Wish(
                when: new
                {
                    mode = "startAt",
                    time = "15:00:00",
                    date = tomorrow,
                }
            )
        );
        window.Go("/today");
        window.SeeText("starting at 15:00", "h1");
        Write(window, "12 hours, 5:45 pm", "Centimetres", "°C", "Millilitres");
        window.Go("/today");
        window.Until(() => window.Text("h1").Contains(" pm", StringComparison.Ordinal), "the wish in twelve hours");
        window.Until(() => Regex.IsMatch(window.Text("main"), "Done about [0-9]+:[0-9]{2}.(am|pm)"), "the end in twelve hours");
        Assert.Matches("[0-9]:[0-9]{2}.(am|pm)", window.Text("svg[data-plait=across]"));

        window.Click("h1 button[aria-label^='When:']");
        window.Fill("Time", "half past seven pm");
        window.Keys_(Keys.Tab, "[role=dialog] input:not([type=radio])");
        window.Until(() => window.Text("h1").Contains("7:30", StringComparison.Ordinal), "the time that was meant");
        window.Fill("Time", "25:70");
        window.Keys_(Keys.Tab, "[role=dialog] input:not([type=radio])");
        window.SeeText("Write a time like 18:00, 6 pm or half past six.");
        Assert.Equal("25:70", window.Script("return document.querySelector('[role=dialog] input:not([type=radio])').value"));
    }

    [Fact]
    public void A_household_of_inches_and_cups_reads_and_types_them_from_plan_to_jar()
    {
        using var window = new Window(server.Process.Address);
        Write(window, "12 hours, 5:45 pm", "Inches", "°F", "Spoons and cups");

        window.Go("/heads");
        window.SeeText(" in, ");
        window.Press("Add a head");
        window.Fill("Name", "Inch");
        window.Fill("Or measured at the crown", "20 cm");
        // A form is sent only when what was typed last has been read.
        window.Press("Save and plan a day");
        window.SeeText("Wash Inch", "h1");
        window.Go("/heads");
        window.Click("li:has([aria-label^='Inch,']) a");
        window.SeeText("7¾ in at the crown");
        window.Press("Edit: The hair");
        window.Fill("Nape", "7½");
        window.Press("Save");
        window.SeeText("7½ in at the nape");
        window.Press("Edit: The hair");
        window.Fill("Nape", "long");
        window.Press("Save");
        window.SeeText("Write a length like 18 cm, 7 in or 7½.");
        Assert.Equal("long", window.ValueOf("Nape"));

        window.Wish(DemoServer.Wish());
        window.Go("/today");
        window.SeeText("tbsp", "section[aria-label=\"In the kitchen\"]");
        Assert.Matches("Done about [0-9]+:[0-9]{2}.(am|pm)", window.Text("main"));
        window.Press("Rehearse");
        window.See("[data-main]");
        window.Keys_("r");
        window.Fill("How warm", "112 F");
        window.Press("Save: How warm");
        window.SeeText("112 °F is too hot for skin.", "[data-readings]");

        window.Go("/jar-label/0199eeee-0000-7000-8000-000000000002");
        window.See("[data-jar-label]");
        Assert.Matches("tsp|tbsp|cup", window.Text("[data-jar-label]"));
        Write(window, "24 hours, 17:45", "Centimetres", "°C", "Millilitres");
    }

    private static void Write(Window window, string times, string lengths, string temperatures, string amounts)
    {
        window.Go("/household");
        window.Choose("Times", times);
        window.Choose("Lengths", lengths);
        window.Choose("Temperatures", temperatures);
        window.Choose("Amounts", amounts);
        window.Press("Save");
        window.SeeText("All changes are saved.");
    }
}
