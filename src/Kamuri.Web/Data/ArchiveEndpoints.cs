using Kamuri.Store;
using Kamuri.Store.Archives;
using Kamuri.Store.Files;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Data;

/// <summary>What an archive would do, or has done.</summary>
/// <param name="MadeAt">When the archive was made.</param>
/// <param name="IntoEmpty">Whether this household is empty, so that the archive is imported exactly.</param>
/// <param name="Changes">Entries that say something else here and there.</param>
/// <param name="Lines">In sentences.</param>
public sealed record ArchiveImportView(DateTimeOffset MadeAt, bool IntoEmpty, int Changes, IReadOnlyList<string> Lines);

/// <summary>Everything out, everything in.</summary>
internal static class ArchiveEndpoints
{
    public const string ImportPath = "/api/archive/import";
    public const string PreviewPath = "/api/archive/preview";

    private const string Zip = "application/zip";

    public static void MapArchive(this IEndpointRouteBuilder routes)
    {
        var archive = routes.MapGroup("/api/archive").WithTags("Your data");
        archive.MapGet("/", ExportAsync).WithName("exportEverything").Produces<Stream>(200, Zip);
        archive.MapPost("/preview", PreviewAsync).WithName("previewImport").Accepts<Stream>(Zip);
        archive.MapPost("/import", ImportAsync).WithName("importEverything").Accepts<Stream>(Zip);
    }

    private static async Task<FileStreamHttpResult> ExportAsync(
        IDbContextFactory<KamuriDb> databases,
        TimeProvider clock,
        CancellationToken cancellation
    )
    {
        var file = Unnamed();
        try
        {
            await using var db = await databases.CreateDbContextAsync(cancellation);
            Archive.Write(db, file, clock.GetUtcNow());
            file.Position = 0;
            return TypedResults.Stream(file, Zip, $"kamuri-{clock.GetUtcNow():yyyy-MM-dd}.zip");
        }
        catch
        {
            await file.DisposeAsync();
            throw;
        }
    }

    private static async Task<Ok<ArchiveImportView>> PreviewAsync(
        HttpRequest request,
        IDbContextFactory<KamuriDb> databases,
        CancellationToken cancellation
    )
    {
        await using var file = await ReceivedAsync(request, cancellation);
        await using var db = await databases.CreateDbContextAsync(cancellation);
        return TypedResults.Ok(
            View(await Task.Run(() => ArchiveImport.Run(db, file, theirs: false, isPreview: true), CancellationToken.None), false)
        );
    }

    /// <param name="request">The archive.</param>
    /// <param name="options">Where the household lies.</param>
    /// <param name="whole">Lets go of what was remembered.</param>
    /// <param name="databases">The household.</param>
    /// <param name="cancellation">Gives up before anything is taken in.</param>
    /// <param name="theirs">Where both say something else, what the archive says is taken; else what is here stays.</param>
    private static async Task<Ok<ArchiveImportView>> ImportAsync(
        HttpRequest request,
        StartOptions options,
        WholeHouse whole,
        IDbContextFactory<KamuriDb> databases,
        CancellationToken cancellation,
        bool theirs = false
    )
    {
        await using var file = await ReceivedAsync(request, cancellation);
        await using var db = await databases.CreateDbContextAsync(cancellation);
        // What cannot be read is refused before a backup is made for it.
        await Task.Run(() => ArchiveImport.Run(db, file, theirs, isPreview: true), cancellation);
        var done = await whole.ReplaceAsync(
            () =>
            {
                Backups
                    .Of(options.DataFolder)
                    .Make(Path.Combine(options.DataFolder, DatabaseFile.FileName), BackupKind.Aside, DateTimeOffset.UtcNow);
                return ArchiveImport.Run(db, file, theirs, isPreview: false);
            },
            cancellation
        );
        return TypedResults.Ok(View(done, theirs));
    }

    private static ArchiveImportView View(ImportPreview preview, bool theirs) =>
        new(preview.MadeAt, preview.IntoEmpty, preview.Tables.Sum(table => table.Changes), ImportSentences.Of(preview, theirs));

    private static async Task<FileStream> ReceivedAsync(HttpRequest request, CancellationToken cancellation)
    {
        var file = Unnamed();
        try
        {
            await request.Body.CopyToAsync(file, cancellation);
            file.Position = 0;
            return file;
        }
        catch
        {
            await file.DisposeAsync();
            throw;
        }
    }

    /// <summary>A file that is gone when it is closed, however the process ends.</summary>
    private static FileStream Unnamed() =>
        new(Path.GetTempFileName(), FileMode.Create, FileAccess.ReadWrite, FileShare.None, 1 << 16, FileOptions.DeleteOnClose);
}
