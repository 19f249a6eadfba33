namespace Kamuri.Browser.Tests.Driving;

/// <summary>Where things lie in the checkout.</summary>
internal static class Repository
{
    public static string Root { get; } = Find();

    /// <summary>The published server with the built interface, as ./kamuri builds it.</summary>
    public static string Server => Path.Combine(Root, "artifacts", "app", "Kamuri.Web.dll");

    public static string Axe => File.ReadAllText(Path.Combine(Root, "src", "kamuri-ui", "node_modules", "axe-core", "axe.min.js"));

    public static string Screenshots => Path.Combine(Root, "docs", "screenshots");

    private static string Find()
    {
        var folder = new DirectoryInfo(AppContext.BaseDirectory);
        while (!File.Exists(Path.Combine(folder!.FullName, "Kamuri.slnx")))
        {
            folder = folder.Parent;
        }

        return folder.FullName;
    }
}
