# frozen_string_literal: true

Munimen::Words::Language[:es].texts <<~TEXTS
  clauses as in the edition of {editions}; since when is not known
    cláusulas según la edición de {editions}; no se sabe desde cuándo
  clauses as in the edition of {editions}; since {since}
    cláusulas según la edición de {editions}; desde {since}
  2015 with its amendments of 2016 and later
    2015 con sus enmiendas de 2016 y posteriores
  2010 with its amendments of 2022
    2010 con sus enmiendas de 2022
  2010 with its amendments
    2010 con sus enmiendas
  2003 with its amendments
    2003 con sus enmiendas
  2004 with its amendments
    2004 con sus enmiendas
  1998 with its amendments
    1998 con sus enmiendas
  2008 and 2009
    2008 y 2009
  its second edition
    su segunda edición
  its third edition
    su tercera edición
  its pocket guide
    su guía de bolsillo
  the edition of 2009
    la edición de 2009
  the edition of 2018
    la edición de 2018
  the edition of 2010
    la edición de 2010
  the edition of 1992
    la edición de 1992
  2014, when Wales began its own
    2014, cuando Gales empezó la suya
  2013, in all homes since February 2022
    2013, en todas las viviendas desde febrero de 2022
  2010, in let homes since October 2022
    2010, en viviendas alquiladas desde octubre de 2022
  2010, in let homes since December 2022
    2010, en viviendas alquiladas desde diciembre de 2022
  the edition of 2008
    la edición de 2008
  2014, before it L8 of 2000
    2014, antes L8 de 2000
TEXTS
