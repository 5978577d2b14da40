<section class="files" id="files" aria-labelledby="files-heading">
<h2 id="files-heading">{{ $say('till.files.heading') }}</h2>
<ul>
@foreach ($files as $file)
<li><p><b>{{ $file->name === '' ? $file->line->nameIn($stall) : $file->name }}</b>@if ($file->bytes > 0) <span class="quiet">{{
    WindowStall\Support\Speech\Spoken::bytes($file->bytes) }}</span>@endif<br>
<span class="quiet">{{ match (true) {
    $file->name === '' => $say('till.files.not_yet'),
    $file->left === 0 => $say('till.files.over'),
    default => $say('till.files.left', count: $file->left,
        until: WindowStall\Support\Speech\Spoken::date($file->until->setTimezone(new DateTimeZone($stall->zone)))),
} }}</span></p>
@if ($file->name !== '' && $file->left > 0)<form method="post" action="/orders/{{ $order->token }}/files/{{ $file->line->id }}"><button
    class="button">{{ $say('till.files.fetch') }}</button></form>@endif</li>
@endforeach
</ul>
</section>
