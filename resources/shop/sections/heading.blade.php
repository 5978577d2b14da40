<header class="heading tone-{{ $settings['tone'] }} place-{{ $settings['place'] }}">
<div class="heading-words">
@if ($settings['words'] !== '')<h1{!! $edit('words') !!}>{{ $settings['words'] }}</h1>@endif
@if ($settings['under'] !== '')<p{!! $edit('under') !!}>{{ $settings['under'] }}</p>@endif
</div>
</header>
