<section class="row tone-{{ $settings['tone'] }}"><h2{!! $edit('heading') !!}>{{ $settings['heading'] ?: $say('shop.notes.heading') }}</h2>
<ul class="notes across">
@foreach ($notes as $note)
@include('shop::note', ['level' => 3])
@endforeach
</ul>
@if ($notes !== [])<p class="after"><a href="/notes">{{ $say('shop.notes.all') }}</a></p>@endif
</section>
