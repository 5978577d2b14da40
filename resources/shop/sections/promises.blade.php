<section class="promises tone-{{ $settings['tone'] }}">
<ul>
@foreach ($promises as $promise)
<li><strong>{{ $promise['head'] }}</strong>@if ($promise['words'] !== '')
    <span>{{ $promise['words'] }}</span>@endif</li>
@endforeach
</ul>
</section>
