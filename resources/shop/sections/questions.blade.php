<section class="questions">
@if ($settings['heading'] !== '')<h2{!! $edit('heading') !!}>{{ $settings['heading'] }}</h2>@endif
@foreach ($asked as $one)
<details><summary>{{ $one['ask'] }}</summary>{!! WindowStall\Window\Pages\Paragraphs::html($one['answer']) !!}</details>
@endforeach
</section>
