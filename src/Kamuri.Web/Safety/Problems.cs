using System.Globalization;
using System.Text.Json;
using FluentValidation.Results;
using Kamuri.Core.Planning;
using Kamuri.Core.Running;
using Kamuri.Store.Archives;
using Kamuri.Store.Documents;
using Kamuri.Store.Files;
using Kamuri.Web.Plans;
using Microsoft.AspNetCore.Diagnostics;
using Microsoft.AspNetCore.Http.HttpResults;
using Microsoft.AspNetCore.Mvc;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;

namespace Kamuri.Web.Safety;

/// <summary>Every error leaves as problem details with a sentence that says what is wrong and what to do.</summary>
internal static class Problems
{
    public const string TooLarge = RequestErrors.ThatIsTooLarge;

    /// <summary>Errors at fields, by their names as sent.</summary>
    public static ValidationProblem At(ValidationResult result) =>
        TypedResults.ValidationProblem(
            result
                .Errors.GroupBy(error => FieldName(error.PropertyName))
                .ToDictionary(group => group.Key, group => group.Select(error => error.ErrorMessage).Distinct().ToArray()),
            title: RequestErrors.CheckWhatYouEntered
        );

    public static ValidationProblem At(string field, string message) =>
        TypedResults.ValidationProblem(new Dictionary<string, string[]> { [field] = [message] }, title: RequestErrors.CheckWhatYouEntered);

    public static ProblemHttpResult NotFound(string detail) => TypedResults.Problem(detail, statusCode: StatusCodes.Status404NotFound);

    public static ProblemHttpResult Conflict(string detail) => TypedResults.Problem(detail, statusCode: StatusCodes.Status409Conflict);

    public static ProblemHttpResult From(Refusal refusal) =>
        TypedResults.Problem(
            refusal.Reason,
            statusCode: refusal.Kind switch
            {
                RefusalKind.Unknown => StatusCodes.Status404NotFound,
                RefusalKind.Conflict => StatusCodes.Status409Conflict,
                _ => StatusCodes.Status400BadRequest,
            }
        );

    private static string FieldName(string path) =>
        string.Join('.', path.Split('.').Select(part => part.Length == 0 ? part : char.ToLowerInvariant(part[0]) + part[1..]));
}

/// <summary>Turns what escapes an endpoint into problem details; what a client sent is never a server error.</summary>
internal sealed class ProblemHandler(IProblemDetailsService problems, ILogger<ProblemHandler> log) : IExceptionHandler
{
    public async ValueTask<bool> TryHandleAsync(HttpContext context, Exception error, CancellationToken cancellation)
    {
        if (error is OperationCanceledException && context.RequestAborted.IsCancellationRequested)
        {
            // Nobody is there to read an answer.
            return true;
        }

        var problem = Read(error);
        if (problem.Status >= 500)
        {
            log.LogError(error, "Request {Method} {Path} failed", context.Request.Method, context.Request.Path);
        }

        if (problem.Status == StatusCodes.Status503ServiceUnavailable)
        {
            context.Response.Headers.RetryAfter = SolverBusyException.RetryAfterSeconds.ToString(CultureInfo.InvariantCulture);
        }

        context.Response.StatusCode = problem.Status!.Value;
        return await problems.TryWriteAsync(new ProblemDetailsContext { HttpContext = context, ProblemDetails = problem });
    }

    private static ProblemDetails Read(Exception error) =>
        error switch
        {
            BadHttpRequestException { StatusCode: StatusCodes.Status413PayloadTooLarge } => Say(413, Problems.TooLarge),
            BadHttpRequestException { InnerException: JsonException json } => Say(400, Explain(json)),
            BadHttpRequestException bad => Say(bad.StatusCode, bad.Message),
            UnplaceableException unplaceable => Say(422, unplaceable.Message),
            UnreadableDocumentException unreadable => Say(409, RequestErrors.MessageItWasSetAsideAn(unreadable.Message)),
            SolverBusyException busy => Say(503, busy.Message),
            ArchiveException archive => Say(400, archive.Message),
            CannotUseFileException file => Say(409, file.Message),
            DbUpdateConcurrencyException or DbUpdateException { InnerException: SqliteException { SqliteErrorCode: 19 } } => Say(
                409,
                RequestErrors.ThisWasChangedOrDeletedMeanwhile
            ),
            _ when DatabaseFile.IsDiskFull(error) => Say(507, RequestErrors.TheDiskIsFullSoNothing),
            _ when DatabaseFile.IsReadOnly(error) => Say(507, RequestErrors.TheHouseholdsFolderCannotBeWritten),
            _ => Say(500, RequestErrors.SomethingWentWrongInsideKamuriNothing),
        };

    private static string Explain(JsonException json)
    {
        if (json is EmptyEntryException)
        {
            return json.Message;
        }

        if (json.Message.Contains("Duplicate property", StringComparison.OrdinalIgnoreCase))
        {
            return RequestErrors.TheFieldElementAtOrDefaultAppearsTwice(json.Message.Split('\'').ElementAtOrDefault(1) ?? "");
        }

        if (json.Message.Contains("could not be mapped", StringComparison.Ordinal))
        {
            var name = json.Message.Split('\'').ElementAtOrDefault(1);
            return RequestErrors.ThereIsNoFieldName(name!);
        }

        const string missing = "including: ";
        if (json.Message.IndexOf(missing, StringComparison.Ordinal) is > 0 and var at)
        {
            var names = json.Message[(at + missing.Length)..]
                .Split('.')[0]
                .Replace("'", "", StringComparison.Ordinal)
                .Replace(";", ",", StringComparison.Ordinal);
            return RequestErrors.SomethingNeededIsMissingNames(names);
        }

        return json.Path is null or "$"
            ? RequestErrors.ThisIsNotValidJSON
            : RequestErrors.TheFieldReplaceHasAValue(json.Path.Replace("$.", "", StringComparison.Ordinal));
    }

    private static ProblemDetails Say(int status, string detail) => new() { Status = status, Detail = detail };
}
