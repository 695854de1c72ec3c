<?php

declare(strict_types=1);

namespace Tests\Feature;

use App\Models\PhotoUpload;
use App\Models\Role;
use Illuminate\Http\UploadedFile;
use Illuminate\Support\Facades\Storage;
use Illuminate\Testing\TestResponse;
use Tests\Support\YardTestCase;

/** Pictures that come in pieces. */
final class PhotoUploadTest extends YardTestCase
{
    private string $picture;

    protected function setUp(): void
    {
        parent::setUp();
        $this->picture = UploadedFile::fake()->image('door.jpg', 640, 480)->getContent();
    }

    public function test_a_picture_that_was_cut_off_goes_on_where_it_stopped_and_is_the_same_as_in_one_piece(): void
    {
        $this->as(Role::Technician);
        $whole = $this->post('/api/photos', [
            'photo' => UploadedFile::fake()->createWithContent('door.jpg', $this->picture),
        ])->json('sha256');
        $upload = $this->begin();
        $half = intdiv(strlen($this->picture), 2);
        $this->piece($upload, 0, substr($this->picture, 0, $half))->assertOk();

        // The tablet does not know how much came through.
        $at = $this->getJson("/api/photo-uploads/{$upload}")->assertOk();
        $this->assertFits($at, 'PhotoUpload');
        self::assertSame([$half, null], [$at->json('offset'), $at->json('photo')]);
        self::assertSame(
            $whole,
            $this->piece($upload, $half, substr($this->picture, $half))->assertOk()->json('photo'),
        );
        self::assertSame(
            $whole,
            $this->getJson("/api/photo-uploads/{$upload}")->json('photo'),
            'asked again, it is still there',
        );
        self::assertSame([], $this->pieces($upload));
    }

    public function test_a_piece_that_does_not_follow_is_told_where_to_go_on(): void
    {
        $this->as(Role::Technician);
        $upload = $this->begin();
        $this->piece($upload, 0, substr($this->picture, 0, 100))->assertOk();

        $refused = $this->piece($upload, 0, substr($this->picture, 0, 100))->assertConflict();
        $this->assertFits($refused, 'Problem');
        self::assertSame(100, $refused->json('offset'));
        $this->piece($upload, 100, '')->assertUnprocessable();
        $this->piece($upload, 100, $this->picture)->assertUnprocessable();
    }

    public function test_a_picture_that_waits_for_its_turn_is_whole_when_it_comes_again(): void
    {
        $this->as(Role::Technician);
        $upload = $this->begin();
        $half = intdiv(strlen($this->picture), 2);
        $this->piece($upload, 0, substr($this->picture, 0, $half))->assertOk();
        $turn = fopen(storage_path('framework/picture.lock'), 'c');
        self::assertNotFalse($turn);
        flock($turn, LOCK_EX);
        $this->piece($upload, $half, substr($this->picture, $half))->assertStatus(503);
        flock($turn, LOCK_UN);

        self::assertSame($half, $this->getJson("/api/photo-uploads/{$upload}")->json('offset'));
        $kept = $this->piece($upload, $half, substr($this->picture, $half))->assertOk();

        $whole = $this->post('/api/photos', [
            'photo' => UploadedFile::fake()->createWithContent('door.jpg', $this->picture),
        ]);
        self::assertSame($whole->json('sha256'), $kept->json('photo'));
    }

    public function test_pictures_that_were_never_finished_make_room_for_new_ones(): void
    {
        $other = $this->as(Role::Technician);
        $kept = $this->begin();
        $this->as(Role::Technician);
        $first = $this->begin();
        $this->piece($first, 0, substr($this->picture, 0, 100))->assertOk();
        self::assertCount(1, $this->pieces($first));

        $last = '';
        for ($at = 0; $at < 40; $at++) {
            $last = $this->begin();
        }

        self::assertSame(12, PhotoUpload::query()->where('user_id', '!=', $other->id)->count());
        self::assertSame([], $this->pieces($first));
        $this->getJson("/api/photo-uploads/{$first}")->assertNotFound();
        $this->getJson("/api/photo-uploads/{$last}")->assertOk();
        self::assertNotNull(PhotoUpload::query()->find($kept), 'those of somebody else stay');
    }

    public function test_what_is_no_picture_is_refused_when_it_is_whole(): void
    {
        $this->as(Role::Technician);
        $this->picture = str_repeat('no picture ', 20);
        $this->assertFits($this->piece($this->begin(), 0, $this->picture)->assertUnprocessable(), 'Problem');
    }

    public function test_a_picture_that_would_be_too_large_is_refused_before_it_is_sent(): void
    {
        $this->as(Role::Technician);
        $this->assertFits(
            $this->postJson('/api/photo-uploads', ['bytes' => 30 * 1024 * 1024])->assertStatus(413),
            'Problem',
        );
        $this->as(Role::Auditor);
        $this->postJson('/api/photo-uploads', ['bytes' => 100])->assertForbidden();
    }

    public function test_nobody_goes_on_with_what_somebody_else_began(): void
    {
        $this->as(Role::Technician);
        $upload = $this->begin();
        $this->as(Role::Technician);

        $this->getJson("/api/photo-uploads/{$upload}")->assertNotFound();
        $this->piece($upload, 0, $this->picture)->assertNotFound();
    }

    public function test_pieces_that_were_never_finished_are_forgotten(): void
    {
        $this->as(Role::Technician);
        $upload = $this->begin();
        $this->piece($upload, 0, substr($this->picture, 0, 100))->assertOk();
        self::assertCount(1, $this->pieces($upload));
        PhotoUpload::query()->whereKey($upload)->update(['updated_at' => now()->subDays(15)]);

        $this->artisan('photos:forget-uploads')->assertSuccessful();

        self::assertSame([], $this->pieces($upload));
        $this->getJson("/api/photo-uploads/{$upload}")->assertNotFound();
    }

    /** @return list<string> those that lie where photos are kept: whichever node takes the next one finds them */
    private function pieces(string $upload): array
    {
        return array_values(array_filter(
            Storage::disk('photos')->files('uploads'),
            static fn (string $name): bool => str_starts_with($name, "uploads/{$upload}-"),
        ));
    }

    private function begin(): string
    {
        $begun = $this->postJson('/api/photo-uploads', ['bytes' => strlen($this->picture)])->assertCreated();
        $this->assertFits($begun, 'PhotoUpload');

        return $begun->json('id');
    }

    private function piece(string $upload, int $offset, string $piece): TestResponse
    {
        return $this->call(
            'PATCH',
            "/api/photo-uploads/{$upload}?offset={$offset}",
            server: $this->transformHeadersToServerVars([
                'Content-Type' => 'application/octet-stream',
                'Accept' => 'application/json',
                'Origin' => 'http://localhost',
            ]),
            content: $piece,
        );
    }
}
