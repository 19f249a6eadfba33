using Kamuri.Browser.Tests.Driving;

namespace Kamuri.Browser.Tests;

/// <summary>Labels are read and taught, products are put on the shelf and used in a plan.</summary>
public sealed class ShelfTests(DemoServer server) : IClassFixture<DemoServer>, IDisposable
{
    private readonly Window _window = new(server.Process.Address);

    public void Dispose() => _window.Dispose();

    [Fact]
    public void A_pasted_label_is_marked_judged_and_taught()
    {
        _window.Go("/shelf");
        _window.Press("Label reader");
        _window.Fill("Ingredient list", "Aqua, Shea Butter, Glycerni, Kakapo dust");
        _window.SeeText("Mostly seals heavily", "[data-label-findings]");
        _window.SeeText("keeps it out", "[data-label-findings]");
        _window.SeeText("Kakapo dust", "[data-label-findings] dl");

        _window.Click("[data-label-findings] p button:last-of-type");
        _window.SeeText("Not read.", "[data-chosen-name]");
        _window.Choose("What is it?", "clay");
        _window.Press("Teach");
        _window.SeeText("clay: Kakapo dust.", "[data-chosen-name]");

        _window.Press("Compare with another");
        _window.Fill("Second ingredient list", "Aqua, Aloe Vera, Glycerin");
        _window.Until(() => _window.Text().Contains("Mostly draws water.", StringComparison.Ordinal), "the second label judged");
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_table_with_a_broken_row_is_taken_in_as_far_as_it_is_good()
    {
        using var table = new TextFile(
            "products.csv",
            "name,role,size_ml,left_ml,price,opened,months_after_opening,label\nTable Milk,leaveIn,200,150,9.5,,,\"Aqua, "
                + "Glycerin\"\nTable Oil,oil,-5,,,,,\n"
        );
        _window.Go("/shelf");
        _window.Press("Import or export");
        _window.Attach("[role=dialog] input[type=file]", table.Path);
        _window.Press("Import");
        _window.SeeText("Nothing was imported. 1 of 2 rows cannot be read:", "[role=dialog]");
        _window.SeeText("line 3, size_ml:", "[role=dialog]");
        _window.Press("Import the good row");
        _window.SeeText("One product was added.", "[role=dialog]");
        _window.Press("Close");
        _window.SeeText("Table Milk", "main");
        Assert.DoesNotContain("Table Oil", _window.Text("main"), StringComparison.Ordinal);
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void A_product_is_put_on_the_shelf_and_used_in_a_plan_where_it_is_checked()
    {
        _window.Go("/shelf");
        _window.Press("Add a product");
        _window.Press("Add to the shelf");
        _window.SeeText("A product needs a name.", "[role=dialog]");
        _window.Fill("Name", "Scented Milk");
        _window.Fill("Pack size", "200");
        _window.Fill("Amount left", "5");
        _window.Fill("Ingredients, as printed on the pack", "Aqua, Glycerin, Cetyl Alcohol, Parfum");
        _window.SeeText("Mostly draws water", "[role=dialog]");
        _window.Press("Add to the shelf");
        _window.Until(
            () => !_window.Has("[role=dialog]") && _window.Text().Contains("Scented Milk", StringComparison.Ordinal),
            "the product on the shelf"
        );

        // Oriel must not have fragrance, and five millilitres are not enough.
        _window.Wish(DemoServer.Wish());
        _window.Go("/today");
        _window.Click("li[data-step=leave-in] button[aria-expanded=false]");
        _window.Click("li[data-step=leave-in] details:last-of-type summary");
        _window.Until(() => _window.Has("li[data-step=leave-in] select"), "what it can be done with");
        _window.ChooseBeginning("From the shelf", "Scented Milk");
        _window.See("article[data-finding=R33]");
        _window.SeeText("You have 5 ml", "article[data-finding=R37]");
        Assert.Empty(_window.Complaints());
    }
}
