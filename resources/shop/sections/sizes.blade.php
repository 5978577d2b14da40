<details class="size-table"><summary{!! $edit('heading') !!}>{{ $settings['heading'] ?: $say('shop.sizes.heading') }}</summary>
<div class="wide-table"><table><thead><tr><th scope="col">{{ $say('shop.sizes.size') }}</th>
@foreach ($table->measures as $measure)<th scope="col">{{ $measure }}</th>@endforeach
</tr></thead><tbody>
@foreach ($table->rows as $row)<tr><th scope="row">{{ $row['size'] }}</th>
@foreach ($row['cm'] as $n => $cm)<td>{{ $say('shop.sizes.cm', length: $cm) }} <small>{{
    $say('shop.sizes.inches', length: $row['inches'][$n]) }}</small></td>@endforeach
</tr>@endforeach
</tbody></table></div>
@if ($settings['how'] !== '')<p{!! $edit('how') !!}>{{ $settings['how'] }}</p>@endif
</details>
