<table class="facts"><caption class="sr">{{ $say('shop.goods.facts') }}</caption><tbody>
@foreach ($good->facts() as $told => $fact)<tr><th scope="row">{{ $told }}</th><td>{{ $fact }}</td></tr>
@endforeach
</tbody></table>
