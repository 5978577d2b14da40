<section class="prose tone-{{ $settings['tone'] }} place-{{ $settings['place'] }}">
<div class="prose-words">
@if ($settings['heading'] !== '')<h2{!! $edit('heading') !!}>{{ $settings['heading'] }}</h2>@endif
<div{!! $edit('words') !!}>{!! WindowStall\Window\Pages\Paragraphs::html($settings['words']) !!}</div>
</div>
</section>
