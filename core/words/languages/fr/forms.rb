# frozen_string_literal: true

# What has no words of its own, as it is written in French.
Munimen::Words::Language[:fr].texts <<~TEXTS
  {part}: {because}
    {part} : {because}
  {ask}: {answer}
    {ask} : {answer}
  {ask}: {answer}.
    {ask} : {answer}.
  {work}: {how}. {reason}
    {work} : {how}. {reason}
  {left}: {why}
    {left} : {why}
TEXTS
