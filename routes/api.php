<?php

declare(strict_types=1);

use App\Http\Controllers\AccountController;
use App\Http\Controllers\AuditController;
use App\Http\Controllers\BriefingController;
use App\Http\Controllers\CalendarFeedController;
use App\Http\Controllers\DayController;
use App\Http\Controllers\DoubtController;
use App\Http\Controllers\EntryController;
use App\Http\Controllers\HealthController;
use App\Http\Controllers\HireController;
use App\Http\Controllers\HireProposalController;
use App\Http\Controllers\HirerController;
use App\Http\Controllers\HirerLinkController;
use App\Http\Controllers\HirerMergerController;
use App\Http\Controllers\HirerPageController;
use App\Http\Controllers\HirerReportController;
use App\Http\Controllers\HouseRuleController;
use App\Http\Controllers\LimitsController;
use App\Http\Controllers\MachineController;
use App\Http\Controllers\MachineEntryController;
use App\Http\Controllers\MachinePaperController;
use App\Http\Controllers\MetricsController;
use App\Http\Controllers\ModelController;
use App\Http\Controllers\ModelDraftController;
use App\Http\Controllers\ModelPlateController;
use App\Http\Controllers\ModelTableController;
use App\Http\Controllers\OfficeTableController;
use App\Http\Controllers\PasswordController;
use App\Http\Controllers\PersonController;
use App\Http\Controllers\PhotoController;
use App\Http\Controllers\PhotoThumbnailController;
use App\Http\Controllers\PhotoUploadController;
use App\Http\Controllers\PinController;
use App\Http\Controllers\PreferenceController;
use App\Http\Controllers\PrintController;
use App\Http\Controllers\PulseController;
use App\Http\Controllers\QualificationController;
use App\Http\Controllers\ReceiptController;
use App\Http\Controllers\ReleaseController;
use App\Http\Controllers\SearchController;
use App\Http\Controllers\SecondFactorController;
use App\Http\Controllers\ServiceController;
use App\Http\Controllers\ServicePlanController;
use App\Http\Controllers\ServiceProgrammeController;
use App\Http\Controllers\SessionController;
use App\Http\Controllers\SeverityProposalController;
use App\Http\Controllers\SheetController;
use App\Http\Controllers\ShiftController;
use App\Http\Controllers\SpreadController;
use App\Http\Controllers\StepNoteController;
use App\Http\Controllers\TabletController;
use App\Http\Controllers\TagLabelController;
use App\Http\Controllers\TelematicsController;
use App\Http\Controllers\VerdictController;
use App\Http\Controllers\WalkController;
use App\Http\Controllers\WalkPreviewController;
use App\Http\Controllers\YardController;
use App\Http\Controllers\YardOpeningController;
use App\Http\Middleware\HoldsLink;
use App\Http\Middleware\RequireSecondFactor;
use App\Http\Middleware\RequireSession;
use Illuminate\Support\Facades\Route;
use Laravel\Sanctum\Http\Middleware\EnsureFrontendRequestsAreStateful;

// A digest is the only name of a picture; anything else leads nowhere.
Route::pattern('photo', '[0-9a-f]{64}');

Route::get('health', [HealthController::class, 'live'])->name('health.live');
Route::get('ready', [HealthController::class, 'ready'])->name('health.ready');
Route::get('metrics', MetricsController::class)->name('metrics');
Route::get('calendars/{token}', [CalendarFeedController::class, 'read'])
    ->where('token', '[0-9a-f]{64}')
    ->name('calendar.read');
// Whoever has the link of a hire: it comes as a bearer token, no session is opened, and no cookie is looked at.
Route::middleware(['throttle:hirer-page', HoldsLink::class])
    ->withoutMiddleware(EnsureFrontendRequestsAreStateful::class)
    ->group(function (): void {
        Route::get('hirer-page', [HirerPageController::class, 'show'])->name('hirer_page.show');
        Route::post('hirer-page/entries', [HirerPageController::class, 'post'])->name('hirer_page.post');
        Route::post('hirer-page/photos', [HirerPageController::class, 'photo'])->name('hirer_page.photo');
    });
Route::get('session', [SessionController::class, 'show'])->name('session.show');
Route::middleware(RequireSession::class)->group(function (): void {
    Route::post('session', [SessionController::class, 'store'])->name('session.store');
    Route::post('yard-opening', YardOpeningController::class)->middleware('throttle:20,1')->name('yard.open');
    Route::post('session/pin', [PinController::class, 'store'])->name('session.pin');
});

Route::middleware('auth:sanctum')->group(function (): void {
    Route::delete('session', [SessionController::class, 'destroy'])->name('session.destroy');
    Route::put('session/preferences', PreferenceController::class)->name('session.preferences');
    Route::middleware('throttle:own-password')->group(function (): void {
        Route::post('session/second-factor', [SecondFactorController::class, 'store'])->name('second_factor.propose');
        Route::put('session/second-factor', [SecondFactorController::class, 'update'])->name('second_factor.confirm');
    });
});

Route::middleware(['auth:sanctum', RequireSecondFactor::class])->group(function (): void {
    Route::post('receipt-comparisons', ReceiptController::class)->name('receipts.compare');
    Route::get('pulse', PulseController::class)->name('pulse');
    Route::delete('sessions/elsewhere', [SessionController::class, 'elsewhere'])->name('session.elsewhere');
    Route::get('day', DayController::class)->name('day');
    Route::get('search', SearchController::class)->name('search');
    Route::get('machines', [MachineController::class, 'index'])->name('machines.index');
    Route::post('machines', [MachineController::class, 'store'])->name('machines.store');
    Route::put('machines/{machine}', [MachineController::class, 'update'])->name('machines.update');
    Route::put('machines/{machine}/departure', [MachineController::class, 'leave'])->name('machines.leave');
    Route::post('machines/{machine}/finds', [MachineController::class, 'found'])->name('machines.found');
    Route::post('machines/{machine}/papers', MachinePaperController::class)->name('machines.papers');
    Route::get('hirers', [HirerController::class, 'index'])->name('hirers.index');
    Route::post('hirers', [HirerController::class, 'store'])->name('hirers.store');
    Route::get('hirers/{hirer}', [HirerController::class, 'show'])->name('hirers.show');
    Route::put('hirers/{hirer}', [HirerController::class, 'update'])->name('hirers.update');
    Route::post('hirers/{hirer}/merger', HirerMergerController::class)->name('hirers.merge');
    Route::get('tables/{table}', [OfficeTableController::class, 'show'])->name('tables.show');
    Route::post('tables/{table}', [OfficeTableController::class, 'store'])->name('tables.store');
    Route::get('calendar-feeds', [CalendarFeedController::class, 'index'])->name('calendar_feeds.index');
    Route::post('calendar-feeds', [CalendarFeedController::class, 'store'])->name('calendar_feeds.store');
    Route::delete('calendar-feeds/{feed}', [CalendarFeedController::class, 'destroy'])->name('calendar_feeds.destroy');
    Route::post('hires', [HireController::class, 'store'])->name('hires.store');
    Route::post('hire-proposals', HireProposalController::class)->name('hires.propose');
    Route::get('hires/{hire}/link', [HirerLinkController::class, 'show'])->name('hires.link');
    Route::post('hires/{hire}/link', [HirerLinkController::class, 'store'])->name('hires.link.make');
    Route::delete('hires/{hire}/link', [HirerLinkController::class, 'destroy'])->name('hires.link.revoke');
    Route::post('hires/{hire}/mail', [HirerLinkController::class, 'mail'])->name('hires.mail');
    Route::get('hires/{hire}/hirer-reports', [HirerReportController::class, 'hire'])->name('hires.reports');
    Route::get('hirer-reports', [HirerReportController::class, 'open'])->name('hirer_reports');
    Route::put('briefing-steps/{step}/note', [StepNoteController::class, 'update'])->name('briefing_steps.note');
    Route::get('yard', [YardController::class, 'show'])->name('yard.show');
    Route::put('yard', [YardController::class, 'update'])->name('yard.update');
    Route::get('hires/{hire}', [HireController::class, 'show'])->name('hires.show');
    Route::put('hires/{hire}', [HireController::class, 'update'])->name('hires.update');
    Route::put('hires/{hire}/machine', [HireController::class, 'machine'])->name('hires.machine');
    Route::post('hires/{hire}/replacement', [HireController::class, 'replace'])->name('hires.replace');
    Route::put('hires/{hire}/hirer', [HireController::class, 'hirer'])->name('hires.hirer');
    Route::put('hires/{hire}/cancellation', [HireController::class, 'cancel'])->name('hires.cancel');
    Route::get('machines/{machine}', [MachineController::class, 'show'])->name('machines.show');
    Route::get('machines/{machine}/service', [ServiceController::class, 'machine'])->name('machines.service');
    Route::get('machines/{machine}/limits', [LimitsController::class, 'show'])->name('machines.limits');
    Route::post('machines/{machine}/limits/{sheet}', [LimitsController::class, 'compute'])->name(
        'machines.limits.compute',
    );
    Route::get('telematics', TelematicsController::class)->name('telematics');
    Route::get('service', [ServiceController::class, 'horizon'])->name('service');
    Route::put('service/plans', ServicePlanController::class)->name('service.plans');
    Route::get('machines/{machine}/entries', MachineEntryController::class)->name('machines.entries');
    Route::post('machines/{machine}/entries', [EntryController::class, 'machine'])->name('machines.entries.post');
    Route::get('models', [ModelController::class, 'index'])->name('models.index');
    Route::post('models', [ModelController::class, 'store'])->name('models.store');
    Route::get('model-table', [ModelTableController::class, 'show'])->name('model_table.show');
    Route::post('model-table', [ModelTableController::class, 'store'])->name('model_table.store');
    Route::get('model-drafts', [ModelDraftController::class, 'index'])->name('model_drafts.index');
    Route::post('model-drafts', [ModelDraftController::class, 'store'])->name('model_drafts.store');
    Route::get('models/{model}/plate', [ModelPlateController::class, 'show'])->name('models.plate');
    Route::put('models/{model}/plate', [ModelPlateController::class, 'update'])->name('models.plate.set');
    Route::get('models/{model}/service-points', [ServiceProgrammeController::class, 'show'])->name('models.service');
    Route::put('models/{model}/service-points/{point}', [ServiceProgrammeController::class, 'update'])->name(
        'models.service.set',
    );
    Route::put('models/{model}', [ModelController::class, 'update'])->name('models.update');
    Route::get('models/{model}', [ModelController::class, 'show'])->name('models.show');
    Route::get('machine-labels', [PrintController::class, 'labels'])->name('machines.labels');
    Route::get('walks/{walk}/card', [PrintController::class, 'card'])->name('walks.card');
    Route::get('walks/{walk}/sheet', [PrintController::class, 'walk'])->name('walks.sheet');
    Route::post('walks/{walk}/sheet', SheetController::class)->name('walks.enter_sheet');
    Route::get('tags/{tag}/label', TagLabelController::class)->name('tags.label');
    Route::put('session/pin', [PinController::class, 'update'])
        ->middleware('throttle:own-password')
        ->name('session.pin.choose');
    Route::put('session/password', PasswordController::class)
        ->middleware('throttle:own-password')
        ->name('session.password');
    Route::get('tablets', [TabletController::class, 'index'])->name('tablets.index');
    Route::post('tablets', [TabletController::class, 'store'])->name('tablets.store');
    Route::delete('tablets/{tablet}', [TabletController::class, 'destroy'])->name('tablets.destroy');
    Route::get('doubts', DoubtController::class)->name('doubts');
    Route::get('audit', AuditController::class)->name('audit');
    Route::get('people', [PersonController::class, 'index'])->name('people.index');
    Route::post('people', [PersonController::class, 'store'])->name('people.store');
    Route::put('people/{person}/role', [AccountController::class, 'role'])->name('people.role');
    Route::put('people/{person}/departure', [AccountController::class, 'seeOff'])->name('people.see_off');
    Route::delete('people/{person}/departure', [AccountController::class, 'takeBack'])->name('people.take_back');
    Route::post('people/{person}/outbox-takeovers', [AccountController::class, 'takeOverOutbox'])->name(
        'people.take_over_outbox',
    );
    Route::put('people/{person}/password', [AccountController::class, 'resetSecrets'])->name('people.reset_secrets');
    Route::put('people/{person}/shift', ShiftController::class)->name('people.shift');
    Route::put('people/{person}/qualifications/{qualification}', QualificationController::class)->name(
        'people.qualifications',
    );
    Route::get('house-rules', [HouseRuleController::class, 'index'])->name('house_rules.index');
    Route::put('house-rules/{rule}', [HouseRuleController::class, 'update'])->name('house_rules.update');
    Route::post('hires/{hire}/walks', [WalkController::class, 'store'])->name('walks.store');
    Route::get('hires/{hire}/walks/{movement}', WalkPreviewController::class)->name('walks.preview');
    Route::get('hires/{hire}/spread', SpreadController::class)->name('spread');
    Route::get('walks/{walk}', [WalkController::class, 'show'])
        ->middleware('cache.headers:private;no_cache;etag')
        ->name('walks.show');
    Route::get('walks/{walk}/state', [WalkController::class, 'state'])->name('walks.state');
    Route::post('walks/{walk}/entries', [EntryController::class, 'walk'])->name('walks.entries');
    Route::post('hires/{hire}/entries', [EntryController::class, 'hire'])->name('hires.entries');
    Route::post('walks/{walk}/verdicts', VerdictController::class)->name('walks.verdicts');
    Route::post('machines/{machine}/severity-proposals', [SeverityProposalController::class, 'machine'])->name(
        'machines.severity_proposals',
    );
    Route::post('walks/{walk}/severity-proposals', [SeverityProposalController::class, 'walk'])->name(
        'walks.severity_proposals',
    );
    Route::get('walks/{walk}/release', ReleaseController::class)->name('walks.release');
    Route::get('walks/{walk}/briefing', BriefingController::class)->name('walks.briefing');
    Route::post('photos', [PhotoController::class, 'store'])->name('photos.store');
    Route::post('photo-uploads', [PhotoUploadController::class, 'store'])->name('photo_uploads.store');
    Route::get('photo-uploads/{upload}', [PhotoUploadController::class, 'show'])->name('photo_uploads.show');
    Route::patch('photo-uploads/{upload}', [PhotoUploadController::class, 'update'])->name('photo_uploads.update');
    Route::get('photos/{photo}', [PhotoController::class, 'show'])->name('photos.show');
    Route::get('photos/{photo}/thumbnail', PhotoThumbnailController::class)->name('photos.thumbnail');
});
