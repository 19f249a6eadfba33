using System.IO.Compression;
using System.Text.Json.Nodes;
using Kamuri.Browser.Tests.Driving;

namespace Kamuri.Browser.Tests;

/// <summary>Backups, archives, what was deleted, and what cannot be read.</summary>
public sealed class DataTests(DemoServer server) : IClassFixture<DemoServer>, IDisposable
{
    private readonly Window _window = new(server.Process.Address);

    public void Dispose() => _window.Dispose();

    [Fact]
    public async Task A_backup_is_made_and_brings_back_what_was()
    {
        _window.Go("/data");
        _window.Press("Make a backup now");
        _window.SeeText("Done.");
        await server.Process.SendAsync(
            HttpMethod.Post,
            "/api/heads",
            new
            {
                name = "Ilse",
                lengths = new
                {
                    napeCm = 9,
                    crownCm = 9,
                    frontCm = 9,
                    sidesCm = 9,
                },
                density = "medium",
                strand = "medium",
                porosity = "medium",
            }
        );
        _window.Go("/heads");
        _window.SeeText("Ilse");

        _window.Go("/data");
        _window.Click("section[aria-labelledby=backups] li:first-of-type button");
        _window.SeeText("Kamuri first backs up what is there now", "[role=dialog]");
        _window.Press("Restore");
        _window.SeeText("Restored.");
        _window.SeeText("made before a restore or import");
        _window.Go("/heads");
        _window.SeeText("Oriel");
        Assert.DoesNotContain("Ilse", _window.Text(), StringComparison.Ordinal);
        Assert.Empty(_window.Complaints());
    }

    [Fact]
    public void What_goes_with_a_head_is_shown_and_all_of_it_can_be_put_back()
    {
        _window.Go($"/heads/{DemoServer.Wren}");
        _window.Press("Delete…");
        _window.SeeText("This will be deleted too", "[role=dialog] ul");
        Assert.Empty(_window.Axe());
        _window.Press("Delete");
        _window.Until(
            () => _window.Path == "/heads" && _window.Text("main").Contains("Oriel", StringComparison.Ordinal),
            "the other heads"
        );
        _window.SeeText("Deleted: Wren.", "[role=status]");
        Assert.DoesNotContain(
            "Wren",
            _window.Text("main").Replace("Deleted: Wren.", "", StringComparison.Ordinal),
            StringComparison.Ordinal
        );

        _window.Go("/data");
        _window.Press("Undo deleting Wren");
        _window.Until(() => !_window.Has("#removed"), "nothing deleted");
        _window.Go("/heads");
        _window.SeeText("Wren");
    }

    [Fact]
    public async Task An_archive_says_what_it_would_do_and_what_cannot_be_read_is_told_once()
    {
        var file = Path.Combine(Directory.CreateTempSubdirectory("kamuri-archive-").FullName, "house.zip");
        await File.WriteAllBytesAsync(file, await server.Process.Http.GetByteArrayAsync(new Uri("/api/archive", UriKind.Relative)));
        using (var zip = ZipFile.Open(file, ZipArchiveMode.Update))
        {
            Change(zip, "data/heads.json", heads =>
                heads.AsArray().Single(head => head!["Name"]!.GetValue<string>() == "Bram")!["Name"] = "Bram the elder"
            );
            Change(zip, "data/planned_days.json", days =>
            {
                var day = days[0]!.DeepClone();
                day["Id"] = Guid.NewGuid().ToString().ToUpperInvariant();
                day["PlanJson"]!["schemaVersion"] = 99;
                days.AsArray().Add(day);
            });
            Change(zip, "manifest.json", manifest => manifest["rows"]!["planned_days"] = 2);
        }

        _window.Go("/data");
        _window.Attach("input[type=file]", file);
        _window.SeeText("The archive of", "[aria-label='What the import would do']");
        Assert.Empty(_window.Axe());
        Assert.Equal(
            "Bram",
            (await server.Process.SendAsync(HttpMethod.Get, $"/api/heads/{DemoServer.Bram}")).Body!["head"]!["name"]!.GetValue<string>()
        );
        _window.Click("[aria-label='What the import would do'] input[type=checkbox]");
        _window.Press("Import");
        _window.SeeText("Imported.");
        Assert.Equal(
            "Bram the elder",
            (await server.Process.SendAsync(HttpMethod.Get, $"/api/heads/{DemoServer.Bram}")).Body!["head"]!["name"]!.GetValue<string>()
        );

        _window.SeeText("One entry of your household could not be read and was set aside.");
        Assert.Empty(_window.Axe());
        _window.Press("See what to do");
        _window.SeeText("written by a newer Kamuri", "section[aria-labelledby=set-aside]");
        _window.Until(() => !_window.Text().Contains("Nothing is lost", StringComparison.Ordinal), "no notice any more");
        Assert.Empty(_window.StickingOut());
        Directory.Delete(Path.GetDirectoryName(file)!, recursive: true);
    }

    private static void Change(ZipArchive zip, string name, Action<JsonNode> change)
    {
        var entry = zip.GetEntry(name)!;
        JsonNode node;
        using (var text = entry.Open())
        {
            node = JsonNode.Parse(text)!;
        }

        entry.Delete();
        change(node);
        using var writer = new StreamWriter(zip.CreateEntry(name).Open());
        writer.Write(node.ToJsonString());
    }
}
