using System.Text.Json;
using System.Text.Json.Nodes;
using System.Text.Json.Serialization;
using System.Text.Json.Serialization.Metadata;
using Kamuri.Core.Figures;
using Kamuri.Core.Planning;
using Kamuri.Core.Planning.Household;
using Kamuri.Core.Scheduling;
using Kamuri.Store;
using Kamuri.Store.Files;
using Kamuri.Store.Sessions;
using Kamuri.Web;
using Kamuri.Web.Access;
using Kamuri.Web.Ahead;
using Kamuri.Web.Data;
using Kamuri.Web.Demo;
using Kamuri.Web.Figures;
using Kamuri.Web.Heads;
using Kamuri.Web.Household;
using Kamuri.Web.HouseholdPlans;
using Kamuri.Web.Kitchen;
using Kamuri.Web.Labels;
using Kamuri.Web.Looking;
using Kamuri.Web.LookingAround;
using Kamuri.Web.PatchTests;
using Kamuri.Web.PlannedDays;
using Kamuri.Web.Plans;
using Kamuri.Web.Products;
using Kamuri.Web.Safety;
using Kamuri.Web.Sessions;
using Kamuri.Web.Shelf;
using Kamuri.Web.Takings;
using Kamuri.Web.Templates;
using Kamuri.Web.Texts;
using Kamuri.Web.Warmth;
using Microsoft.AspNetCore.Connections;
using Microsoft.AspNetCore.Hosting.Server;
using Microsoft.Data.Sqlite;
using Microsoft.EntityFrameworkCore;
using Microsoft.Net.Http.Headers;
using Microsoft.OpenApi;
using Serilog;
using Serilog.Events;

namespace Kamuri.Web;

/// <summary>The application for one household: its services and its pipeline.</summary>
internal static class Application
{
    /// <summary>Puts it together; nothing is read and nobody is answered yet.</summary>
    /// <param name="builder">With the arguments of the start.</param>
    /// <param name="options">What it is started with.</param>
    /// <param name="handed">
    /// Hands it requests that another application has let in already; null when it listens, and looks who comes in, itself.
    /// </param>
    public static WebApplication Build(WebApplicationBuilder builder, StartOptions options, IServer? handed = null)
    {
        builder.Logging.ClearProviders();
        builder.Services.AddSerilog(
            log =>
                log.MinimumLevel.Information()
                    .MinimumLevel.Override("Microsoft", LogEventLevel.Warning)
                    // The keys of cookies lie in the data folder, which is this person's alone.
                    .MinimumLevel.Override("Microsoft.AspNetCore.DataProtection", LogEventLevel.Error)
                    // A start that fails is said in a sentence below.
                    .MinimumLevel.Override("Microsoft.Extensions.Hosting", LogEventLevel.Fatal)
                    .WriteTo.Console(
                        formatProvider: System.Globalization.CultureInfo.InvariantCulture,
                        outputTemplate: "{Timestamp:HH:mm:ss} {Level:u3} {Message:lj}{NewLine}{Exception}"
                    ),
            preserveStaticLogger: handed is not null
        );

        builder.WebHost.ConfigureKestrel(kestrel =>
        {
            kestrel.AddServerHeader = false;
            kestrel.Limits.MaxRequestBodySize = Guards.LargestBody;
            kestrel.ListenLocalhostOrFree(options.Port, options.Lan);
        });
        if (handed is not null)
        {
            builder.Services.AddSingleton<IServer>(handed);
        }

        builder.Services.Configure<HostOptions>(host => host.ShutdownTimeout = TimeSpan.FromSeconds(3));
        builder.Services.AddHostFiltering(hosts => hosts.AllowedHosts = HomeNetwork.Hosts(options.Lan));
        builder.Services.AddAccess(options);
        builder.Services.ConfigureHttpJsonOptions(json =>
        {
            var serializer = json.SerializerOptions;
            serializer.Converters.Add(new JsonStringEnumConverter(JsonNamingPolicy.CamelCase, allowIntegerValues: false));
            serializer.UnmappedMemberHandling = JsonUnmappedMemberHandling.Disallow;
            serializer.NumberHandling = JsonNumberHandling.Strict;
            serializer.RespectNullableAnnotations = true;
            serializer.RespectRequiredConstructorParameters = true;
            serializer.AllowDuplicateProperties = false;
            serializer.TypeInfoResolver = (serializer.TypeInfoResolver ?? new DefaultJsonTypeInfoResolver()).WithAddedModifier(
                NoEmptyEntries.Check
            );
        });
        builder.Services.Configure<RouteHandlerOptions>(routes => routes.ThrowOnBadRequest = true);
        builder.Services.AddProblemDetails();
        builder.Services.AddExceptionHandler<ProblemHandler>();
        builder.Services.AddOpenApi(openApi =>
            openApi
                .AddOperationTransformer(PlanExamples.AddTo)
                .AddDocumentTransformer(
                    (document, _, _) =>
                    {
                        document.Info.Title = "Kamuri";
                        document.Info.Description = "Plans, times and remembers wash days at home.";
                        document.Servers?.Clear();
                        // Where a choice is first met as one that may be left out, "nothing" would count as one of its words everywhere.
                        foreach (
                            var words in document.Components?.Schemas?.Values.Select(schema => schema.Enum).OfType<IList<JsonNode>>() ?? []
                        )
                        {
                            foreach (var nothing in words.Where(word => word is null || word.IsJsonNullSentinel()).ToList())
                            {
                                words.Remove(nothing!);
                            }
                        }

                        return Task.CompletedTask;
                    }
                )
        );

        builder.Services.AddSingleton(options);
        builder.Services.AddSingleton<MadeUpHouse>();
        builder.Services.AddSingleton<TimeProvider>(_ =>
            options.ClockSpeed > 1 ? new FastClock(options.ClockSpeed, TimeProvider.System) : TimeProvider.System
        );
        builder.Services.AddSingleton<FigureMemory>();
        builder.Services.AddSingleton<LabelDictionary>();
        builder.Services.AddTransient(services => services.GetRequiredService<FigureMemory>().Current);
        builder.Services.AddSingleton<IScheduler>(_ => new RememberingScheduler(new CpSatScheduler()));
        builder.Services.AddSingleton<KnownOrders>();
        builder.Services.AddSingleton<LongerSearches>();
        builder.Services.AddSingleton<Planner>();
        builder.Services.AddSingleton<HouseholdPlanner>();
        builder.Services.AddPooledDbContextFactory<KamuriDb>(
            (services, db) =>
                db.UseSqlite(DatabaseFile.ConnectionString(options.DataFolder))
                    .AddInterceptors(new DurableConnections(), services.GetRequiredService<HouseChanges>())
        );
        builder.Services.AddScoped(services => services.GetRequiredService<IDbContextFactory<KamuriDb>>().CreateDbContext());
        builder.Services.AddSingleton<HouseMemory>();
        builder.Services.AddScoped<House>();
        builder.Services.AddScoped<PlanMaker>();
        builder.Services.AddScoped<HouseholdPlanMaker>();
        builder.Services.AddScoped<FirstQuestions>();
        builder.Services.AddScoped<MishapAdviser>();
        builder.Services.AddScoped<KitchenReader>();
        builder.Services.AddScoped<LeftOvers>();
        builder.Services.AddScoped<SkinRecord>();
        builder.Services.AddScoped<PlannedDayReader>();
        builder.Services.AddSingleton<IThermometerProbe>(services => new SimulatedProbe(services.GetRequiredService<TimeProvider>(), () =>
            services.GetRequiredService<FigureMemory>().Current.Cooling
        ));
        builder.Services.AddSingleton<IScale, SimulatedScale>();
        builder.Services.AddSingleton<ISessionLog, SessionLog>();
        builder.Services.AddSingleton<LiveSessions>();
        builder.Services.AddScoped<SessionRecord>();
        builder.Services.AddSingleton<SetAside>();
        builder.Services.AddSingleton<SolverGate>();
        builder.Services.AddSingleton<WholeHouse>();
        builder.Services.AddHostedService<DailyBackups>();
        builder.Services.AddSingleton<HouseChanges>();
        builder.Services.AddSingleton<PlannedDayMemory>();
        builder.Services.AddHealthChecks().AddDbContextCheckLite();
        return builder.Build();
    }

    /// <summary>Everything a request passes through, and every address.</summary>
    public static void Answer(this WebApplication app, IServer? handed = null)
    {
        if (handed is null)
        {
            app.UseHostFiltering();
        }

        app.UseExceptionHandler();
        app.UseStatusCodePages();
        if (handed is null)
        {
            app.UseGuards();
            app.UseAccess();
            app.UseLookingAround();
        }

        app.UseStaticFiles(
            new StaticFileOptions
            {
                // File names of scripts and styles carry a hash of their content, so they never change.
                OnPrepareResponse = file =>
                    file.Context.Response.Headers.CacheControl = file.Context.Request.Path.StartsWithSegments("/assets")
                        ? "public, max-age=31536000, immutable"
                        : "no-cache",
            }
        );

        app.MapOpenApi();
        app.MapHealthChecks("/health");
        app.MapAccess();
        app.MapHeads();
        app.MapPortrait();
        app.MapHousehold();
        app.MapTyped();
        app.MapPlans();
        app.MapHouseholdPlans();
        app.MapChoices();
        app.MapTypedWish();
        app.MapTemplates();
        app.MapFigures();
        app.MapLooking();
        app.MapSessions();
        app.MapMishaps();
        app.MapAhead();
        app.MapShelf();
        app.MapProducts();
        app.MapProductFiles();
        app.MapShopping();
        app.MapFormulas();
        app.MapBatches();
        app.MapMakings();
        app.MapTakings();
        app.MapPatchTests();
        app.MapPlannedDays();
        app.MapWarmth();
        app.MapLabels();
        app.MapBackups();
        app.MapArchive();
        app.MapRemovals();
        app.MapSetAside();
        app.MapLookingAround();
        app.Map("/api/{**rest}", () => TypedResults.Problem("There is nothing at this address.", statusCode: StatusCodes.Status404NotFound))
            .ExcludeFromDescription();

        // Browsers ask for it on pages that name no icon of their own.
        app.MapGet("/favicon.ico", () => TypedResults.Redirect("/plait.svg", permanent: true)).ExcludeFromDescription();
        app.MapFallbackToFile(
            "index.html",
            new StaticFileOptions { OnPrepareResponse = file => file.Context.Response.Headers[HeaderNames.CacheControl] = "no-cache" }
        );
    }

    /// <summary>Reads what is kept in memory, and puts the made-up household into an empty file where one is asked for.</summary>
    public static async Task FurnishAsync(this WebApplication app, StartOptions options)
    {
        using var scope = app.Services.CreateScope();
        var database = scope.ServiceProvider.GetRequiredService<KamuriDb>();
        var clock = scope.ServiceProvider.GetRequiredService<TimeProvider>();
        app.Services.GetRequiredService<FigureMemory>().Read(database);
        if (options.Demo)
        {
            await scope
                .ServiceProvider.GetRequiredService<IDbContextFactory<KamuriDb>>()
                .SeedDemoAsync(app.Services.GetRequiredService<Planner>(), CraftFigures.Default, clock.GetUtcNow());
        }
    }
}
